const a = [1, 2, 3];
console.log(...a, "x", ...[]);
console.log(...[]);
function f(p, q, r) { return p + q * r; }
console.log(f(...a), f(1, ...[5, 6]), Math.max(...a, 9));
const g = (...xs) => xs.length;
console.log(g(...a, 4));
const compose = (...fs) => (x) => fs.reduceRight((v, f) => f(v), x);
console.log(compose((x) => x + 1, (x) => x * 2)(5));
const add = (p, q = 10) => p + q;
console.log(add(1), add(1, 2), [1, 2].map((v) => add(v)));
