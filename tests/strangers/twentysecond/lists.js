class Node {
  constructor(value, next = null) { this.value = value; this.next = next; }
}
class List {
  constructor(iterable = []) {
    this.head = this.tail = null;
    this.length = 0;
    for (const x of iterable) this.push(x);
  }
  push(value) {
    const node = new Node(value);
    if (this.tail) this.tail.next = node; else this.head = node;
    this.tail = node;
    return ++this.length;
  }
  shift() {
    if (!this.head) return undefined;
    const { value } = this.head;
    this.head = this.head.next;
    if (!this.head) this.tail = null;
    this.length--;
    return value;
  }
  *[Symbol.iterator]() {
    for (let n = this.head; n; n = n.next) yield n.value;
  }
  map(fn) {
    const out = new List();
    let i = 0;
    for (const v of this) out.push(fn(v, i++));
    return out;
  }
  reverse() {
    let prev = null, cur = this.head;
    this.tail = cur;
    while (cur) [cur.next, prev, cur] = [prev, cur, cur.next];
    this.head = prev;
    return this;
  }
  static of(...xs) { return new List(xs); }
  get [Symbol.toStringTag]() { return 'List'; }
  toString() { return `(${[...this].join(' ')})`; }
}
const l = List.of(1, 2, 3);
l.push(4);
console.log(String(l), l.length, [...l.map((x, i) => x * i)], `${l.reverse()}`);
console.log(l.shift(), l.shift(), Math.max(...l), Array.from(l, x => x + 0.5));
const [a, ...others] = l;
console.log(a, others, new List().shift());

class Tree {
  #root = null;
  size = 0;
  insert(key) {
    const go = (node) => {
      if (node === null) { this.size++; return { key, left: null, right: null }; }
      if (key < node.key) node.left = go(node.left);
      else if (key > node.key) node.right = go(node.right);
      return node;
    };
    this.#root = go(this.#root);
    return this;
  }
  *inOrder(node = this.#root) {
    if (!node) return;
    yield* this.inOrder(node.left);
    yield node.key;
    yield* this.inOrder(node.right);
  }
  get height() {
    const h = n => n ? 1 + Math.max(h(n.left), h(n.right)) : 0;
    return h(this.#root);
  }
  has(key) {
    let n = this.#root;
    while (n && n.key !== key) n = key < n.key ? n.left : n.right;
    return Boolean(n);
  }
}
const t = new Tree();
[..."compost"].forEach(c => t.insert(c));
console.log([...t.inOrder()].join(''), t.size, t.height, t.has('p'), t.has('x'));

function* fib() { let [x, y] = [0, 1]; for (;;) { yield x; [x, y] = [y, x + y]; } }
function* take(n, it) { let i = 0; for (const v of it) { if (i++ >= n) return; yield v; } }
console.log([...take(10, fib())], fib().next());
const q = [];
const it = { from: 1, to: 4, [Symbol.iterator]() { let c = this.from, t = this.to; return { next: () => c <= t ? { done: false, value: c++ } : { done: true, value: undefined } }; } };
for (const v of it) q.unshift(v);
console.log(q, new Set([...q, ...it]).size);
