function counter() {
  let n = 0;
  return { inc: () => ++n, dec: () => --n, get value() { return n; } };
}
const a = counter(), b = counter();
a.inc(); a.inc(); b.dec();
console.log(a.value, b.value);
const memo = fn => { const cache = {}; return n => cache[n] ?? (cache[n] = fn(n)); };
const fib = memo(n => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(70));
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 10)(4));
const add = a => b => c => a + b + c;
console.log(add(1)(2)(3));
function sum() {
  let t = 0;
  for (let i = 0; i < arguments.length; i++) t += arguments[i];
  return t;
}
console.log(sum(1, 2, 3), sum());
const partial = (f, ...args) => (...rest) => f(...args, ...rest);
console.log(partial(Math.max, 5)(3, 9));
var fs = [];
for (var i = 0; i < 3; i++) fs.push(() => i);
for (let j = 0; j < 3; j++) fs.push(() => j);
console.log(fs.map(f => f()));
const person = { name: 'Reed', greet() { return 'I am ' + this.name; }, later: function () { return [1].map(() => this.name)[0]; } };
console.log(person.greet(), person.later());
const curry = (f) => function curried(...args) { return args.length >= f.length ? f(...args) : (...more) => curried(...args, ...more); };
console.log(curry((x, y, z) => x * y * z)(2)(3)(4));
(function () { console.log('iife'); })();
(() => { let hidden = 1; console.log(hidden); })();
const [x = 10, y = 20] = [1];
const { p: { q = 5 } = {}, ...others } = { r: 1, s: 2 };
console.log(x, y, q, others);
setTimeout(() => console.log('later'), 0);
console.log('now');
