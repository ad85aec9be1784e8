function fib(n, memo = {}) {
  if (n in memo) return memo[n];
  if (n <= 2) return 1;
  return (memo[n] = fib(n - 1, memo) + fib(n - 2, memo));
}
console.log(fib(50));

const range = (a, b, s = 1) => Array.from({ length: Math.ceil((b - a) / s) }, (_, i) => a + i * s);
console.log(range(0, 10, 3), range(5, 8));

const compose = (...fns) => (x) => fns.reduceRight((v, f) => f(v), x);
const inc = (x) => x + 1, dbl = (x) => x * 2;
console.log(compose(inc, dbl)(5), compose(dbl, inc)(5), compose()(3));

function counter() {
  let c = 0;
  return {
    up: () => ++c,
    down: () => --c,
    get value() { return c; },
  };
}
const k = counter();
k.up(); k.up(); k.down();
console.log(k.value);

const groupBy = (arr, f) => arr.reduce((g, x) => ({ ...g, [f(x)]: [...(g[f(x)] || []), x] }), {});
console.log(groupBy([1, 2, 3, 4, 5, 6], (n) => (n % 2 ? "odd" : "even")));

let i = 0;
do {
  i += 3;
  if (i === 6) continue;
  console.log("i", i);
} while (i < 12);

const words = "the cat sat on the mat the end".split(" ");
const freq = {};
words.forEach((w) => { freq[w] = freq[w] ? freq[w] + 1 : 1; });
const sorted = Object.entries(freq).sort(([a, x], [b, y]) => y - x || a.localeCompare(b));
for (const [w, n] of sorted) console.log(w.padEnd(5), "*".repeat(n));
console.log([..."hello"].reverse().join(""), [3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b));
console.log([1, [2, [3, [4]]]].flat(Infinity), [[1, 2], [3]].flatMap((x) => x));
console.log(typeof null, typeof undefined, typeof NaN, typeof [], typeof (() => 1));
console.log(0.1 + 0.2, 1 / 3, 5 % 3, -5 % 3, 2 ** 10, 7 / 2 | 0);
console.log("5" + 3, "5" - 3, "5" * "2", true + 1, [] + "x", null + 1);
console.log([1, 2, 3].includes(2), [1, 2, 3].indexOf(9), "abc".at(-1), [5, 6, 7].at(-2));
