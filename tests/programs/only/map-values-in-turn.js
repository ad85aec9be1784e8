const m = new Map([['a', 1], ['b', 2]]);
m.forEach((v) => console.log(v));
m.forEach((v) => console.log(String(v)));
m.forEach((v, k) => console.log(k, v));
m.forEach(v => { console.log(`${v}`); });
const s = new Map();
for (const [k, v] of [['x', 1]]) s.set(k, v);
s.forEach((v) => console.log(String(v)));
s.forEach((v, k, m) => console.log(String(k), m.size));
const t = new Set([3]); t.forEach((v) => console.log(v)); t.forEach((v, k) => console.log(v, k));
class A { constructor(o) { this.o = o; } toString() { return this.o + '!'; } }
const q = new Map();
for (const [k, v] of [['x', 1], ['y', undefined]]) q.set(k, new A(v));
q.forEach((v) => console.log(String(v)));
function all(things) { things.forEach((t) => console.log('all', t)); }
all(new Map([[1, 2]])); all([5, 6]); all(new Set(['x']));
m.forEach((v) => { m.delete('a'); console.log(v); });
const lists = new Map(); lists.set('k', [1, 2]); lists.get('k').forEach(x => console.log(x)); lists.forEach(l => l.forEach(x => console.log('in', x)));
lists.forEach(l => l.push(9)); console.log(lists);
