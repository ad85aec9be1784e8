function* countdown(from) {
  while (from > 0) yield from--;
  return 'lift';
}
console.log([...countdown(4)]);
const it = countdown(2);
console.log(it.next(), it.next(), it.next(), it.next());
function* fib() { let [a, b] = [0, 1]; for (;;) { yield a; [a, b] = [b, a + b]; } }
const first = [];
for (const f of fib()) { if (f > 100) break; first.push(f); }
console.log(first.join(' '));
const compose = (...fns) => (x) => fns.reduceRight((acc, fn) => fn(acc), x);
const add = (n) => (x) => x + n;
const times = (n) => (x) => x * n;
console.log(compose(add(1), times(10), Math.abs)(-4));
function memo(fn) {
  const cache = {};
  return function (n) {
    if (n in cache) return cache[n];
    return (cache[n] = fn(n));
  };
}
let calls = 0;
const slow = memo((n) => { calls++; return n * n; });
console.log(slow(4), slow(4), slow(5), calls);
const range = { from: 1, to: 4, [Symbol.iterator]() { let c = this.from, t = this.to; return { next: () => c <= t ? { value: c++, done: false } : { value: undefined, done: true } }; } };
console.log([...range], Math.max(...range));
const debounceLog = [];
const once = (fn) => { let done = false, r; return (...a) => done ? r : (done = true, r = fn(...a)); };
const init = once((x) => { debounceLog.push(x); return x * 2; });
console.log(init(3), init(5), debounceLog);
const pipeline = [1, 2, 3, 4, 5, 6].filter((x) => x % 2).map((x) => x ** 2);
console.log(pipeline, pipeline.includes(9), pipeline.indexOf(25), pipeline.at(-1));
const grouped = ['ash', 'oak', 'elm', 'aspen', 'olive'].reduce((g, w) => ({ ...g, [w[0]]: [...(g[w[0]] || []), w] }), {});
console.log(grouped);
console.log(typeof compose, typeof null, typeof undefined, typeof 3n, typeof Symbol());
