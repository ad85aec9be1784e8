const m = new Map([["a", 1], ["b", 2], ["c", 3]]);
for (const [k, v] of m) { console.log(k, v); if (k === "a") { m.delete("a"); m.delete("b"); m.set("d", 4); } if (v > 3 && v < 8) { m.set("e" + v, v + 1); m.delete("c"); } }
const s = new Set([1, 2, 3]);
for (const x of s) { s.delete(x); if (x < 6) s.add(x + 3); console.log(x, s.size); }
const none = new Set();
for (const x of none) { none.add(1); }
console.log(none.size);
