class Node {
  constructor(value) {
    this.value = value;
    this.left = null;
    this.right = null;
  }
}
class Tree {
  root = null;
  size = 0;
  insert(value) {
    const node = new Node(value);
    this.size++;
    if (!this.root) { this.root = node; return this; }
    let current = this.root;
    while (true) {
      const side = value < current.value ? 'left' : 'right';
      if (current[side] === null) {
        current[side] = node;
        return this;
      }
      current = current[side];
    }
  }
  has(value, node = this.root) {
    if (node === null) return false;
    if (node.value === value) return true;
    return this.has(value, value < node.value ? node.left : node.right);
  }
  *walk(node = this.root) {
    if (node) {
      yield* this.walk(node.left);
      yield node.value;
      yield* this.walk(node.right);
    }
  }
  height(node = this.root) {
    return node ? 1 + Math.max(this.height(node.left), this.height(node.right)) : 0;
  }
  levels() {
    const result = [], queue = [[this.root, 0]];
    while (queue.length) {
      const [node, depth] = queue.shift();
      if (!node) continue;
      if (!result[depth]) result[depth] = [];
      result[depth].push(node.value);
      queue.push([node.left, depth + 1], [node.right, depth + 1]);
    }
    return result;
  }
  remove(value) {
    const removeFrom = (node, v) => {
      if (!node) return null;
      if (v < node.value) node.left = removeFrom(node.left, v);
      else if (v > node.value) node.right = removeFrom(node.right, v);
      else {
        if (!node.left) return node.right;
        if (!node.right) return node.left;
        let min = node.right;
        while (min.left) min = min.left;
        node.value = min.value;
        node.right = removeFrom(node.right, min.value);
      }
      return node;
    };
    if (!this.has(value)) return false;
    this.root = removeFrom(this.root, value);
    this.size -= 1;
    return true;
  }
}
const t = new Tree();
[50, 30, 70, 20, 40, 60, 80, 35].forEach((v) => t.insert(v));
t.insert(65).insert(75);
console.log([...t.walk()], t.size, t.height());
console.log(t.levels());
console.log(t.has(35), t.has(36), t.remove(30), t.remove(99), t.remove(50));
console.log(Array.from(t.walk()).join(' '), t.root.value, t.size);
let total = 0;
for (const v of t.walk()) { if (v > 70) break; total += v; }
console.log(total, Math.min(...t.walk()), Math.max(...t.walk()));
console.log(new Tree().levels(), new Tree(), t.root.left);
const gen = t.walk();
console.log(gen.next(), gen.next().value, [...gen].length, gen.next());
class LinkedList {
  constructor(...items) { this.head = null; this.length = 0; items.forEach((i) => this.add(i)); }
  add(item) {
    const node = { item, next: null };
    if (this.head === null) this.head = node;
    else { let n = this.head; while (n.next) n = n.next; n.next = node; }
    this.length++;
  }
  reverse() {
    let prev = null, cur = this.head;
    while (cur) [cur.next, prev, cur] = [prev, cur, cur.next];
    this.head = prev;
    return this;
  }
  *[Symbol.iterator]() { for (let n = this.head; n; n = n.next) yield n.item; }
}
const list = new LinkedList(1, 2, 3);
list.add(4);
console.log([...list], [...list.reverse()], list.length, JSON.stringify(list.head));
