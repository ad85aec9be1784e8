function makeCounter(start = 0) {
  let n = start;
  return { inc: () => ++n, dec: () => --n, get value() { return n; } };
}
const c = makeCounter(5);
c.inc(); c.inc(); c.dec();
console.log(c.value);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const double = x => x * 2, addOne = x => x + 1;
console.log(compose(double, addOne)(5), compose()(7));
function fact(n) { return n <= 1n ? 1n : n * fact(n - 1n); }
console.log(fact(20n).toString());
const memo = new Map();
function fib(n) {
  if (n < 2) return n;
  if (memo.has(n)) return memo.get(n);
  const v = fib(n - 1) + fib(n - 2);
  memo.set(n, v);
  return v;
}
console.log(fib(50), memo.size);
const words = "the quick brown fox jumps over the lazy dog".split(" ");
const unique = new Set(words);
console.log(unique.size, [...unique].filter(w => w.length > 4));
console.log(words.map(w => w[0].toUpperCase() + w.slice(1)).join(" "));
