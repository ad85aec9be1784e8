function* range(start, end, step = 1) {
  for (let i = start; i < end; i += step) yield i;
}
console.log([...range(0, 10, 3)]);
const it = range(1, 4);
console.log(it.next(), it.next().value, it.next().done, it.next());
for (const x of range(5, 8)) {
  if (x === 7) break;
  console.log(x);
}
const zip = (a, b) => a.map((x, i) => [x, b[i]]);
console.log(zip([1, 2, 3], ["a", "b", "c"]));
const chunk = (arr, n) => arr.length ? [arr.slice(0, n), ...chunk(arr.slice(n), n)] : [];
console.log(chunk([1, 2, 3, 4, 5], 2));
const unique = arr => [...new Set(arr)];
const shuffle = (arr, rnd) => { const a = [...arr]; for (let i = a.length - 1; i > 0; i--) { const j = Math.floor(rnd() * (i + 1)); [a[i], a[j]] = [a[j], a[i]]; } return a; };
let seed = 42;
const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
console.log(shuffle(unique([1, 2, 2, 3, 4, 5]), random));
const debounce = (fn) => { let n = 0; return (...a) => { n++; return n % 2 ? fn(...a) : null; }; };
const d = debounce((x, y) => x * y);
console.log(d(2, 3), d(2, 3), d(4, 5));
const pipe = (...fns) => x => fns.reduce((v, f) => f(v), x);
console.log(pipe(x => x + 1, x => x * 2, String)(4));
const groupBy = (arr, key) => arr.reduce((m, x) => { (m[key(x)] ||= []).push(x); return m; }, {});
console.log(groupBy([1, 2, 3, 4, 5], x => x % 2 ? "odd" : "even"));
const partition = (arr, f) => arr.reduce(([t, e], x) => f(x) ? [[...t, x], e] : [t, [...e, x]], [[], []]);
console.log(partition([5, 1, 8, 3], x => x > 3));
const sum = arr => arr.reduce((a, b) => a + b, 0), avg = arr => sum(arr) / arr.length;
console.log(avg([1, 2, 3, 4]), Math.max.apply(null, [3, 9, 2]), Math.min(...[]));
console.log([10, 9, 1].sort(), [10, 9, 1].sort((a, b) => a - b), ["b", undefined, "a"].sort(), [3, 1, 2].toSorted ? "new" : "old");
console.log([1, [2, [3, [4]]]].flat(Infinity), Array.from("abc", c => c + c), Array.from({ length: 3 }, (_, i) => i ** 2));
console.log([1, 2, 3].indexOf(4), [1, 2, 3].lastIndexOf(3), [..."hi"].entries().next().value, [5, 6].findLast(x => x > 4), [1, 2, 3].fill(0, 1));
const obj = { b: 1, a: 2, 10: "x", 2: "y" };
for (const k in obj) console.log(k, obj[k]);
