const tasks = [
  { id: 1, title: "Weed", done: false, tags: ["bed", "spring"] },
  { id: 2, title: "Water", done: true, tags: ["bed"] },
  { id: 3, title: "Prune", done: false, tags: [] },
];
const byTag = tasks.reduce((acc, { tags, title }) => {
  for (const t of tags) (acc[t] ??= []).push(title);
  return acc;
}, {});
console.log(byTag, Object.keys(byTag).length);
const pending = tasks.filter((t) => !t.done).map(({ id, ...rest }) => ({ ...rest, id: `#${id}` }));
console.log(pending);
console.log(JSON.stringify(pending[0]), JSON.stringify({ a: [1, { b: 2 }], u: undefined, n: null }, null, 2));
const compose = (...fns) => (x) => fns.reduceRight((v, f) => f(v), x);
const inc = (n) => n + 1, dbl = (n) => n * 2;
console.log(compose(inc, dbl, inc)(5), [3, 1, 2].sort().reverse(), [10, 9, 1].sort());
const memo = (fn, cache = new Map()) => (n) => cache.has(n) ? cache.get(n) : (cache.set(n, fn(n)), cache.get(n));
const fib = memo((n) => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(50));
function* chunks(a, n) { for (let i = 0; i < a.length; i += n) yield a.slice(i, i + n); }
console.log([...chunks([1, 2, 3, 4, 5], 2)], Array.from({ length: 3 }, (_, i) => i ** 2));
let { title: t = "none", due: { day = 1 } = {} } = tasks[2];
console.log(t, day, tasks?.[9]?.title ?? "missing", typeof null, NaN === NaN, [] + [], 0.1 + 0.2);
label: for (const i of [1, 2, 3]) { for (const j of [1, 2]) { if (i * j === 4) break label; if (j === 2) continue label; console.log(i, j); } }
console.log("a-b_c".split(/[-_]/), "Hello".replace(/l/g, "L"), "x".repeat(3), " pad ".trim() + "|", "abc".at(-1), "2024-05-06".match(/(\d+)-(\d+)/).slice(1));
const s = new Set([1, 2, 2, 3]); s.delete(1); console.log(s, [...s].includes(2), new Map([["k", { v: 1 }]]));
console.log([1, [2, [3]]].flat(Infinity), parseInt("42px"), Number(""), Number("x"), (12.345).toFixed(1), 5 / 0, -7 % 3);
var hoisted = typeof later; var later = 1; console.log(hoisted, (() => { try { return "t"; } finally { console.log("f"); } })());
switch (tasks.length) { case 3: console.log("three"); default: console.log("fall"); }
