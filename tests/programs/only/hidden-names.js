const a = [1, 2], b = [10], c = [100];
console.log(a.map((x) => b.map((x) => c.map((z) => x + z))));
console.log(a.map((x) => b.map((y) => c.map((x) => x + y))));
const f = (x) => (x) => (y) => x * y;
console.log(f(1)(2)(3));
console.log(a.reduce((s, x) => s + b.reduce((s, x) => s + x, 0) * x, 0));
