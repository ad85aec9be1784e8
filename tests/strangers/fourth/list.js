class Node {
  constructor(value, next = null) { this.value = value; this.next = next; }
}
class LinkedList {
  constructor() { this.head = null; this.size = 0; }
  add(value) {
    const node = new Node(value);
    if (!this.head) this.head = node;
    else {
      let current = this.head;
      while (current.next) current = current.next;
      current.next = node;
    }
    this.size++;
    return this;
  }
  remove(value) {
    let current = this.head, previous = null;
    while (current && current.value !== value) { previous = current; current = current.next; }
    if (!current) return false;
    if (previous) previous.next = current.next; else this.head = current.next;
    this.size--;
    return true;
  }
  reverse() {
    let prev = null, cur = this.head;
    while (cur) [cur.next, prev, cur] = [prev, cur, cur.next];
    this.head = prev;
  }
  *[Symbol.iterator]() {
    for (let n = this.head; n; n = n.next) yield n.value;
  }
}
const l = new LinkedList().add(1).add(2).add(3);
console.log(l.remove(2), l.remove(9), l.size);
l.reverse();
console.log([...l], Math.max(...l));
for (const v of l) console.log(v);
function* range(from, to, step = 1) { for (let i = from; i < to; i += step) yield i; }
console.log([...range(0, 10, 3)], Array.from(range(1, 3)));
