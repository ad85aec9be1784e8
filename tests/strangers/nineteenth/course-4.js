// linked list, stack, queue, BST, recursion, memo
class Node { constructor(value, next = null) { this.value = value; this.next = next; } }
class LinkedList {
  constructor() { this.head = null; this.length = 0; }
  append(value) {
    const node = new Node(value);
    if (!this.head) { this.head = node; }
    else {
      let current = this.head;
      while (current.next) current = current.next;
      current.next = node;
    }
    this.length++;
  }
  prepend(value) { this.head = new Node(value, this.head); this.length++; }
  remove(value) {
    if (!this.head) return false;
    if (this.head.value === value) { this.head = this.head.next; this.length--; return true; }
    let prev = this.head;
    while (prev.next && prev.next.value !== value) prev = prev.next;
    if (!prev.next) return false;
    prev.next = prev.next.next;
    this.length--;
    return true;
  }
  reverse() { let prev = null, curr = this.head; while (curr) { [curr.next, prev, curr] = [prev, curr, curr.next]; } this.head = prev; }
  toArray() { const out = []; for (let n = this.head; n !== null; n = n.next) out.push(n.value); return out; }
}
const list = new LinkedList();
[3, 1, 4, 1, 5].forEach(v => list.append(v));
list.prepend(9);
console.log(list.toArray(), list.remove(4), list.remove(42), list.length);
list.reverse();
console.log(list.toArray().join(' -> '));
class BST {
  #root = null;
  insert(v) {
    const node = { v, left: null, right: null };
    if (this.#root === null) { this.#root = node; return this; }
    let at = this.#root;
    while (true) {
      if (v === at.v) return this;
      const side = v < at.v ? 'left' : 'right';
      if (at[side] === null) { at[side] = node; return this; }
      at = at[side];
    }
  }
  inOrder(node = this.#root, out = []) {
    if (node) { this.inOrder(node.left, out); out.push(node.v); this.inOrder(node.right, out); }
    return out;
  }
  height(node = this.#root) { return node === null ? 0 : 1 + Math.max(this.height(node.left), this.height(node.right)); }
}
const tree = new BST();
tree.insert(5).insert(2).insert(8).insert(1).insert(9);
console.log(tree.inOrder(), tree.height());
const memoize = fn => { const cache = {}; return n => cache[n] ?? (cache[n] = fn(n)); };
const fib = memoize(n => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(60));
const permutations = (arr) => arr.length <= 1 ? [arr] : arr.flatMap((x, i) => permutations([...arr.slice(0, i), ...arr.slice(i + 1)]).map(p => [x, ...p]));
console.log(permutations([1, 2, 3]).length, permutations(['a', 'b']));
function flatten(a) { return a.reduce((acc, v) => Array.isArray(v) ? acc.concat(flatten(v)) : acc.concat(v), []); }
console.log(flatten([1, [2, [3, [4]]]]));
const groupBy = (xs, f) => xs.reduce((g, x) => { const k = f(x); (g[k] ||= []).push(x); return g; }, {});
console.log(groupBy(['one', 'two', 'three'], w => w.length));
const queue = []; queue.push('a'); queue.push('b'); console.log(queue.shift(), queue.length);
const hanoi = (n, a, b, c) => n === 0 ? 0 : hanoi(n - 1, a, c, b) + 1 + hanoi(n - 1, c, b, a);
console.log(hanoi(6, 'A', 'B', 'C'), [..."abc"].reverse().join(""), (function f(n) { return n < 1 ? 0 : n + f(n - 1); })(4));
const wordCount = (s) => s.toLowerCase().match(/\b\w+\b/g).reduce((m, w) => m.set(w, (m.get(w) ?? 0) + 1), new Map());
console.log([...wordCount("the cat and The dog")].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])));
const sieve = n => { const p = Array(n + 1).fill(true); p[0] = p[1] = false; for (let i = 2; i * i <= n; i++) if (p[i]) for (let j = i * i; j <= n; j += i) p[j] = false; return p.flatMap((v, i) => v ? [i] : []); };
console.log(sieve(30));
console.log(Object.entries({ b: 1, a: 2 }).sort(([a], [b]) => a < b ? -1 : 1).map(([k, v]) => `${k}=${v}`).join("&"));
