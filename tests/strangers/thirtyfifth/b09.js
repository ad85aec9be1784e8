const curry = fn => function curried(...args) {
  return args.length >= fn.length ? fn.apply(this, args) : (...more) => curried.apply(this, [...args, ...more]);
};
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const pipe = (...fns) => x => fns.reduce((v, f) => f(v), x);
const add = curry((a, b, c) => a + b + c);
console.log(add(1)(2)(3), add(1, 2)(3), add(1)(2, 3));
console.log(compose(x => x + 1, x => x * 2)(5), pipe(x => x + 1, x => x * 2)(5));
function memo(fn) {
  const cache = {};
  return n => n in cache ? cache[n] : (cache[n] = fn(n));
}
const fib = memo(n => n < 2 ? n : fib(n - 1) + fib(n - 2));
console.log(fib(50));
const debounceLog = [];
const counter = (() => { let c = 0; return { inc: () => ++c, get value() { return c; } }; })();
counter.inc(); counter.inc();
console.log(counter.value, counter);
const grouped = ['fig', 'fern', 'ash', 'oak', 'alder'].reduce((acc, w) => {
  const k = w[0];
  return { ...acc, [k]: [...(acc[k] || []), w] };
}, {});
console.log(grouped);
console.log([1, 2, 3].map(String), ['1', '2', '3'].map(Number), ['1', '2', '3'].map(parseInt));
console.log(Math.max(...[4, 9, 2]), Math.min.apply(null, [4, 9, 2]));
const greet = function (greeting, mark) { return `${greeting}, ${this.name}${mark}`; };
console.log(greet.call({ name: 'Ada' }, 'Hi', '!'), greet.apply({ name: 'Bo' }, ['Yo', '?']), greet.bind({ name: 'Cy' }, 'Ho')('.'));
