const a = [1, 2, 3];
let t = 5;
a.forEach((t) => { console.log(t); });
a.forEach((x) => { let t = x * 2; console.log(t); });
console.log(t);
a.forEach((x, t) => console.log(x, t));
a.forEach(function (t) { console.log(t + 1); });
console.log(t);
const pairs = [["pea", 2], ["bean", 3]];
const name = "outer", n = 9;
pairs.forEach(([name, n]) => { console.log(name, n); });
console.log(name, n);
function shown(list, i) {
  list.forEach((item, i) => { const list = [item]; console.log(list, i); });
  return i + list.length;
}
console.log(shown([7, 8], 40));
const item = "kept";
[1].forEach(item => { [2].forEach(item => console.log(item)); console.log(item); });
console.log(item);
const fs = [];
a.forEach((v) => { fs.push(() => v * t); });
console.log(fs.map((f) => f()));
Object.entries({ a: 1 }).forEach(([t, v]) => console.log(t, v));
console.log(t);
