class TreeNode {
  constructor(value) { this.value = value; this.left = null; this.right = null; }
}
class BST {
  root = null; size = 0;
  static from(iterable) { const t = new BST(); for (const v of iterable) t.insert(v); return t; }
  insert(value) {
    const node = new TreeNode(value);
    if (!this.root) { this.root = node; this.size++; return this; }
    let current = this.root;
    for (;;) {
      if (value === current.value) return this;
      const side = value < current.value ? 'left' : 'right';
      if (!current[side]) { current[side] = node; this.size++; return this; }
      current = current[side];
    }
  }
  has(value) {
    let n = this.root;
    while (n && n.value !== value) n = value < n.value ? n.left : n.right;
    return n !== null;
  }
  *[Symbol.iterator]() { yield* this.#walk(this.root); }
  *#walk(n) { if (n) { yield* this.#walk(n.left); yield n.value; yield* this.#walk(n.right); } }
  height(n = this.root) { return n ? 1 + Math.max(this.height(n.left), this.height(n.right)) : 0; }
  levels() {
    const out = [], queue = this.root ? [[this.root, 0]] : [];
    while (queue.length) {
      const [n, d] = queue.shift();
      (out[d] = out[d] || []).push(n.value);
      if (n.left) queue.push([n.left, d + 1]);
      if (n.right) queue.push([n.right, d + 1]);
    }
    return out;
  }
  remove(value) {
    const del = (n, v) => {
      if (!n) return null;
      if (v < n.value) n.left = del(n.left, v);
      else if (v > n.value) n.right = del(n.right, v);
      else {
        this.size--;
        if (!n.left) return n.right;
        if (!n.right) return n.left;
        let m = n.right;
        while (m.left) m = m.left;
        n.value = m.value; this.size++;
        n.right = del(n.right, m.value);
      }
      return n;
    };
    this.root = del(this.root, value);
  }
}
const t = BST.from([50, 30, 70, 20, 40, 60, 80, 30]);
console.log([...t], t.size, t.height(), t.has(60), t.has(65));
console.log(t.levels());
t.remove(50); t.remove(20); t.remove(99);
console.log([...t].join(' '), t.size, t.root.value);
for (const v of t) { if (v > 60) break; console.log(v); }
const [smallest, second] = t;
console.log(smallest, second, Math.max(...t), new Set(t).size, Array.from(t, v => v / 10));
console.log(t.root.left);
