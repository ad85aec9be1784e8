const beds = ['rose', 'pea', 'leek'];
const it = beds[Symbol.iterator]();
console.log(it.next().value);
for (const b of it) console.log('rest', b);
console.log(it.next());
class Range {
  constructor(a, b) { this.a = a; this.b = b; }
  *[Symbol.iterator]() { for (let i = this.a; i < this.b; i++) { console.log('make', i); yield i; } }
  *backwards() { for (let i = this.b - 1; i >= this.a; i--) yield i; }
}
const r = new Range(1, 4);
for (const x of r) { if (x === 3) break; console.log(x); }
console.log([...r], Math.max(...r), [...r.backwards()]);
const [p, q] = r; console.log(p, q);
function* ids(prefix) { let n = 0; while (true) yield `${prefix}-${n++}`; }
const g = ids('bed'); console.log(g.next().value, g.next().value);
function* take(n, it) { let i = 0; for (const x of it) { if (i++ >= n) return; yield x; } }
console.log([...take(3, ids('x'))]);
let result = g.next(); while (!result.done) { console.log(result.value); result = g.next(); if (result.value === 'bed-5') break; }
const [first, second] = ids('z'); console.log(first, second);
function* itself() { for (const thing of own) yield thing; }
const own = itself();
try { own.next(); } catch (busy) { console.log(busy.name, busy.message); }
