'use strict';
// queue simulation with classes, generators and closures
class Node_ { constructor(value, next = null) { Object.assign(this, { value, next }); } }
class Queue {
  #head = null; #tail = null; #size = 0;
  static from(iterable) { const q = new Queue(); for (const x of iterable) q.enqueue(x); return q; }
  enqueue(value) { const n = new Node_(value); if (!this.#head) this.#head = n; else this.#tail.next = n; this.#tail = n; this.#size++; return this; }
  dequeue() { if (!this.#head) return undefined; const { value } = this.#head; this.#head = this.#head.next; this.#size--; return value; }
  get size() { return this.#size; }
  *[Symbol.iterator]() { for (let n = this.#head; n; n = n.next) yield n.value; }
  toString() { return `Queue(${[...this].join(' <- ')})`; }
}
const q = Queue.from(['pea', 'bean']).enqueue('kale');
console.log(String(q), q.size, q.dequeue(), `${q}`, [...q].length);
const counter = (() => { let n = 0; return { next: () => ++n, reset() { n = 0; } }; })();
counter.next(); counter.next();
console.log(counter.next()); counter.reset(); console.log(counter.next());
const memo = fn => { const cache = new Map(); return n => cache.has(n) ? cache.get(n) : (cache.set(n, fn(n)), cache.get(n)); };
const square = memo(n => { console.log('computing', n); return n * n; });
console.log(square(4), square(4));
const beds = [{ plant: 'rose', area: 4.5 }, { plant: 'fern', area: 2 }, { plant: 'rose', area: 1.25 }];
const byPlant = beds.reduce((acc, { plant, area }) => ({ ...acc, [plant]: (acc[plant] ?? 0) + area }), {});
console.log(byPlant, Object.entries(byPlant).sort(([, a], [, b]) => b - a)[0]);
const { plant: firstPlant = 'none', depth = 10, ...others } = beds[1];
console.log(firstPlant, depth, others);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2)(5));
const pad = (s, n = 6) => s.padEnd(n, '.') + s.length.toString().padStart(3);
['pea', 'carrot'].map(s => pad(s)).forEach((s, i, all) => console.log(i, s, all.length));
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b), [1, [2, [3]]].flat(Infinity));
label: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === 2) continue label; if (i === 2) break label; console.log(i, j); } }
console.log([..."hedge"].reverse().join(""), "a-b-c".split("-"), "x".repeat(3), "abc".at(-1), "Rose".codePointAt(0));
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 7 / 2 | 0, -7 % 3, 2 ** 10, 5 / 0, parseInt("42px"), Number(""), Number("x"), +true);
console.log(typeof null, typeof undefined, typeof (() => 1), typeof 1n === "bigint", [] + [], [1] == 1, null == undefined, NaN === NaN);
console.log([1, 2, 3].includes(2), [1, 2, 3].indexOf(5), Array.from({ length: 3 }, (_, i) => i * i), new Array(3).fill(0), Array.isArray([]));
switch (beds.length) { case 1: console.log("one"); break; case 2: case 3: console.log("few"); default: console.log("more"); }
try { null.f(); } catch ({ name, message }) { console.log(name); } finally { console.log("done"); }
console.log(JSON.stringify({ a: [1, { b: null }], c: "x" }), JSON.stringify([1, 2], null, 2), JSON.parse('{"k":[1,2]}').k[1]);
var hoisted = typeof later; var later = 1; console.log(hoisted, isNaN("a"), [10, 1, 3].toString(), String([1, [2, 3]]), `${{}}`);
const d = new Date(2024, 0, 31); console.log(d.getFullYear(), d.getMonth(), d.getDate());
