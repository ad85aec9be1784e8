const fns = [];
for (let j = 0; j < 3; j++) fns.push(function () { return j * j; });
for (const [k, { size }] of Object.entries({ a: { size: 1 }, b: { size: 2 } })) {
  const label = k + size;
  fns.push((x) => { const z = label + x; return z; });
}
console.log(fns.map((f) => f(5)));
for (var v = 0; v < 2; v++) fns.push(function () { return v; });
console.log(fns[fns.length - 1]());
let i = 0;
while (i < 2) { const me = i; setTimeout(() => { console.log("t", me, i); }, 5 - me); i++; }
for (const row of [1, 2]) for (const col of [3, 4]) { setTimeout(() => { if (col > row) console.log(row, col); }, 10 * row + col); }
[7, 8].forEach((n) => { setTimeout(() => { console.log("each", n); }, 60 + n); });
