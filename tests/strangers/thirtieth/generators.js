function* range(from, to, step = 1) {
  for (let n = from; n < to; n += step) yield n;
}
function* naturals() { let n = 1; while (true) yield n++; }
function* take(iterable, count) {
  if (count <= 0) return;
  for (const item of iterable) {
    yield item;
    if (--count === 0) return;
  }
}
const filter = function* (it, test) { for (const x of it) if (test(x)) yield x; };
const isPrime = n => n > 1 && [...range(2, Math.floor(Math.sqrt(n)) + 1)].every(d => n % d);
console.log([...take(filter(naturals(), isPrime), 10)]);
console.log(Array.from(range(0, 10, 3)), Math.max(...range(1, 5)));

class Tree {
  constructor(value, left = null, right = null) { Object.assign(this, { value, left, right }); }
  *[Symbol.iterator]() {
    if (this.left) yield* this.left;
    yield this.value;
    if (this.right) yield* this.right;
  }
  static from(values) {
    let root = null;
    for (const v of values) root = Tree.insert(root, v);
    return root;
  }
  static insert(node, v) {
    if (!node) return new Tree(v);
    if (v < node.value) node.left = Tree.insert(node.left, v);
    else node.right = Tree.insert(node.right, v);
    return node;
  }
  get depth() { return 1 + Math.max(this.left?.depth ?? 0, this.right?.depth ?? 0); }
}
const tree = Tree.from([5, 2, 8, 1, 9, 3]);
console.log([...tree], tree.depth, Math.min(...tree));
const it = range(1, 3);
console.log(it.next(), it.next(), it.next());
const [a, b] = naturals();
console.log(a, b);
const countdown = { from: 3, [Symbol.iterator]() { let n = this.from; return { next: () => n > 0 ? { value: n--, done: false } : { value: undefined, done: true } }; } };
console.log([...countdown]);
for (const n of countdown) { if (n === 1) break; console.log(n); }
const entries = new Map([['x', 1], ['y', 2]]);
for (const [k, v] of entries) console.log(k, v);
console.log(entries, new Set('hello'), new Map(Object.entries({ p: 1 })), [...entries].map(([k, v]) => k + v));
console.log([...'abc'].entries().next(), [...['q', 'r'].entries()], Object.fromEntries(entries));
