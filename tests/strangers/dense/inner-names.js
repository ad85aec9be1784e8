const fs = [];
for (let i = 0; i < 3; i++) fs.push(() => i);
for (let i = 7; i < 9; i++) { const z = i; fs.push(() => z); }
for (let i = 20; i < 22; i++) { const z = i * 10; console.log(z); }
for (const [k, v] of [["a", 1], ["b", 2]]) fs.push(() => k + v);
for (const [k, v] of [["x", 8], ["y", 9]]) console.log(k, v);
let i = 5, k = "q", a = 1;
if (a) { const [a, b] = [5, 6]; console.log(a, b); }
console.log(fs.map(f => f()), i, k, a);
function g() {
  const out = [];
  for (const v of [1, 2]) { out.push(() => v); }
  for (const v of [3, 4]) { console.log(v); }
  const v = 9;
  return out.map(f => f());
}
console.log(g());
const size = 1;
const bed = { size: 4, size_2: 0 };
for (const size of [2, 3]) { const o = { size, other: size + 1 }; console.log(o, o.size, bed.size, bed["size"]); bed.size = size; o.size++; console.log(o); }
function h(n) { const size = n; if (n) { const size = n + 1; console.log({ size }); } return { size }; }
if (true) { const { size } = { size: 5 }; console.log(size); }
console.log(size, h(7), bed);
class Plot { constructor() { this.size = 2; } get doubled() { const size = this.size; if (size) { const size = 50; console.log(size, this.size); } return size * 2; } }
console.log(new Plot().doubled);
const m = new Map([["k", 1], [2, "two"]]); m.set("z", [1]).delete("k"); console.log(m.size);
const s = new Set("hello"); console.log(s.size);
for (const x of [m, s, new Plot(), { size: 9 }]) console.log(x.size);
const { ...rest } = new Plot(); console.log(rest);
const plot = new Plot(), copy = { ...plot }, more = { ...plot, n: 1 }; copy.size = 7; console.log(copy, more, plot, plot instanceof Plot, copy instanceof Plot);
