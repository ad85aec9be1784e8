class TreeNode {
  constructor(value, left = null, right = null) {
    Object.assign(this, { value, left, right });
  }
}
class BST {
  root = null;
  size = 0;
  insert(value) {
    const node = new TreeNode(value);
    if (this.root === null) {
      this.root = node;
    } else {
      let current = this.root;
      for (;;) {
        if (value === current.value) return false;
        const side = value < current.value ? "left" : "right";
        if (current[side] === null) {
          current[side] = node;
          break;
        }
        current = current[side];
      }
    }
    this.size++;
    return true;
  }
  *inorder(node = this.root) {
    if (node) {
      yield* this.inorder(node.left);
      yield node.value;
      yield* this.inorder(node.right);
    }
  }
  height(node = this.root) {
    return node ? 1 + Math.max(this.height(node.left), this.height(node.right)) : 0;
  }
  contains(value) {
    let n = this.root;
    while (n && n.value !== value) n = value < n.value ? n.left : n.right;
    return !!n;
  }
  levels() {
    const out = [];
    let queue = this.root ? [this.root] : [];
    while (queue.length) {
      out.push(queue.map(n => n.value));
      queue = queue.flatMap(n => [n.left, n.right]).filter(Boolean);
    }
    return out;
  }
  [Symbol.iterator]() { return this.inorder(); }
}
const t = new BST();
for (const v of [50, 30, 70, 20, 40, 60, 80, 30]) t.insert(v);
console.log([...t].join(" "), t.size, t.height(), t.contains(60), t.contains(65));
console.log(t.levels());
const print = (n, indent = "") => {
  if (!n) return;
  print(n.right, indent + "    ");
  console.log(indent + n.value);
  print(n.left, indent + "    ");
};
print(t.root);
class LinkedList {
  constructor() { this.head = this.tail = null; }
  push(value) {
    const node = { value, next: null };
    if (!this.head) this.head = this.tail = node;
    else { this.tail.next = node; this.tail = node; }
    return this;
  }
  reverse() {
    let prev = null, cur = this.head;
    this.tail = this.head;
    while (cur) [cur.next, prev, cur] = [prev, cur, cur.next];
    this.head = prev;
    return this;
  }
  toArray() {
    const a = [];
    for (let n = this.head; n; n = n.next) a.push(n.value);
    return a;
  }
}
console.log(new LinkedList().push(1).push(2).push(3).reverse().toArray());
