const counts = new Map();
for (const w of "a b a c b a".split(" ")) counts.set(w, (counts.get(w) ?? 0) + 1);
for (const [k, v] of counts) console.log(`${k}: ${v}`);
const uniq = new Set([1, 2, 2, 3]);
console.log(uniq.size, [...uniq]);
console.log([...counts.entries()].sort((x, y) => y[1] - x[1])[0][0]);
const obj = {};
for (const c of "hello") { obj[c] = (obj[c] || 0) + 1; }
console.log(obj);
console.log(Object.entries(obj).filter(([k, n]) => n > 1));
