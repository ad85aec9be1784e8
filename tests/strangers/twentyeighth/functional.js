const memo = {};
function fib(n) {
  if (n <= 1) return n;
  if (memo[n] !== undefined) return memo[n];
  return memo[n] = fib(n - 1) + fib(n - 2);
}
const isPrime = n => {
  for (let i = 2, s = Math.sqrt(n); i <= s; i++) if (n % i === 0) return false;
  return n > 1;
};
const range = (a, b, step = 1) => Array.from({ length: Math.ceil((b - a) / step) }, (_, i) => a + i * step);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const curry = fn => function curried(...args) {
  return args.length >= fn.length ? fn(...args) : (...more) => curried(...args, ...more);
};
const debounce = null;
const zip = (...arrays) => arrays[0].map((_, i) => arrays.map(a => a[i]));
const chunk = (arr, n) => arr.length ? [arr.slice(0, n), ...chunk(arr.slice(n), n)] : [];
const flatten = arr => arr.reduce((acc, v) => acc.concat(Array.isArray(v) ? flatten(v) : v), []);
const unique = arr => [...new Set(arr)];
const capitalize = s => s.charAt(0).toUpperCase() + s.slice(1);
const isPalindrome = s => { const t = s.toLowerCase().replace(/[^a-z0-9]/g, ""); return t === [...t].reverse().join(""); };
console.log(fib(50), range(1, 30).filter(isPrime));
console.log(compose(x => x + 1, x => x * 2)(5), curry((a, b, c) => a + b + c)(1)(2, 3));
console.log(zip([1, 2], ["a", "b"]), chunk([1, 2, 3, 4, 5], 2), flatten([1, [2, [3, [4]]]]));
console.log(unique([3, 1, 3, 2, 1]), "hello world".split(" ").map(capitalize).join(" "), isPalindrome("Never odd, or even"));
console.log([1, 2, 3].includes(2), [1, 2, 3].indexOf(5), Math.max(...[1, 9, 3]), [..."abc"].entries().next().value);
console.log(parseInt("42px"), Number("42px"), +"3.5", "5" * "2", "5" + 2, 5 + +"2", 7 % -3, -7 % 3, 2 ** 10, 0.1 + 0.2, (0.1 + 0.2).toFixed(2));
console.log(typeof null, typeof undefined, typeof (() => 1), typeof [], typeof "s", typeof NaN, null == undefined, null === undefined, NaN === NaN, [] == false);
console.log([3, 20, 100].sort(), ["b", undefined, "a"].sort(), [1, 2, 3].reverse(), [1, 2, 3, 4].slice(-2), [5, 1, 4].toString());
console.log("abc".at(-1), "abcdef".substring(2, 4), "abcdef".slice(-3, -1), "a-b-c".replace("-", "+"), "a-b-c".replaceAll("-", "+"), "  x ".trim() + "|", "abc".codePointAt(1), String.fromCharCode(72, 105));
const { a, b: { c = 5, ...rest }, ...others } = { a: 1, b: { d: 2, e: 3 }, f: 4, g: 5 };
console.log(a, c, rest, others);
let [x, , y = 10, ...z] = [1, 2, undefined, 4, 5];
[x, y] = [y, x];
console.log(x, y, z);
const counter = (() => { let n = 0; return { inc: () => ++n, dec: () => --n, get value() { return n; } }; })();
counter.inc(); counter.inc(); counter.dec();
console.log(counter.value, Object.keys(counter));
var hoisted = typeof later; var later = 3;
console.log(hoisted, (function () { return typeof inner; var inner = 1; })());
for (var i = 0, fns = []; i < 3; i++) fns.push(() => i);
for (let j = 0; j < 3; j++) fns.push(() => j);
console.log(fns.map(f => f()));
console.log([1, 2, 3, 4].findLast(v => v % 2), Object.entries({ p: 1 }).flat(), Array.isArray([]), [[1, 2], [3]].flatMap(v => v), [1, 2, 3].fill(0, 1), new Date(0).getTime());
