class Node { constructor(value, next = null) { this.value = value; this.next = next; } }
class LinkedList {
  constructor(iterable = []) { this.head = null; this.size = 0; for (const x of iterable) this.append(x); }
  append(value) {
    const node = new Node(value);
    if (!this.head) this.head = node;
    else { let cur = this.head; while (cur.next) cur = cur.next; cur.next = node; }
    this.size++;
    return this;
  }
  remove(value) {
    let prev = null, cur = this.head;
    while (cur && cur.value !== value) [prev, cur] = [cur, cur.next];
    if (!cur) return false;
    if (prev) prev.next = cur.next; else this.head = cur.next;
    this.size--;
    return true;
  }
  reverse() { let prev = null; let cur = this.head; while (cur) { const next = cur.next; cur.next = prev; prev = cur; cur = next; } this.head = prev; }
  *[Symbol.iterator]() { for (let n = this.head; n; n = n.next) yield n.value; }
  toString() { return [...this].join(' -> ') || '(empty)'; }
  get [Symbol.toStringTag]() { return 'LinkedList'; }
}
const list = new LinkedList([1, 2, 3]);
list.append(4); list.remove(2);
console.log(`${list}`, list.size, Math.max(...list));
list.reverse();
console.log(String(list), [...list].map(x => x * x), Array.from(list));
class Tree {
  constructor() { this.root = null; }
  insert(v) {
    const go = n => n === null ? { v, l: null, r: null } : v < n.v ? { ...n, l: go(n.l) } : { ...n, r: go(n.r) };
    this.root = go(this.root);
    return this;
  }
  inorder(n = this.root, out = []) { if (n) { this.inorder(n.l, out); out.push(n.v); this.inorder(n.r, out); } return out; }
  depth(n = this.root) { return n ? 1 + Math.max(this.depth(n.l), this.depth(n.r)) : 0; }
}
const t = [5, 2, 8, 1, 9].reduce((t, v) => t.insert(v), new Tree());
console.log(t.inorder(), t.depth());
console.log(JSON.stringify(t.root.l));
const queue = [t.root]; const order = [];
while (queue.length) { const { v, l, r } = queue.shift(); order.push(v); [l, r].forEach(c => c && queue.push(c)); }
console.log(order);
