const grid = [[".", "#"], ["#", "#"]];
function nb(x, y) {
  let n = 0;
  for (let dy = -1; dy <= 1; dy++)
    for (let dx = -1; dx <= 1; dx++) {
      if (!dx && !dy) continue;
      if (grid[y + dy]?.[x + dx] === "#") n++;
    }
  return n;
}
console.log(nb(0, 0), nb(1, 1));
const next = grid.map((row, y) => row.map((cell, x) => { const n = nb(x, y); return n + cell; }));
console.log(next);
const o = { a: 1, b: { c: [1, 2] }, f() { return this.a; } };
console.log(o?.b?.c?.[1], o.z?.y.w, o.z?.[0], o.f?.(), o.g?.());
const { a, ...rest } = { a: 1, q: 2, r: 3 };
console.log(a, rest);
let s = null; s ??= 4; let t = 0; t ||= 5; let u = 1; u &&= 7;
console.log(s, t, u, -5 >>> 0, 37 >>> 2, [3, 1, 2].sort(), [1, 2].reverse());
const list = [3, 1, 2];
console.log(list.sort(), list, list.sort((p, q) => q - p)[0], list.reverse());
const dbl = (v) => v * 2, fs = [dbl];
console.log([1, 2].map(fs[0]), [1, 2, 3].filter(Boolean), ["1", "2"].map(Number), [[1, 2]].map(JSON.stringify));
