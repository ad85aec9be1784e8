class Node {
  constructor(value) {
    this.value = value;
    this.left = null;
    this.right = null;
  }
}

class Tree {
  constructor() {
    this.root = null;
    this.size = 0;
  }

  insert(value) {
    const node = new Node(value);
    this.size++;
    if (this.root === null) {
      this.root = node;
      return this;
    }
    let current = this.root;
    while (true) {
      if (value < current.value) {
        if (!current.left) {
          current.left = node;
          return this;
        }
        current = current.left;
      } else {
        if (!current.right) {
          current.right = node;
          return this;
        }
        current = current.right;
      }
    }
  }

  contains(value) {
    let current = this.root;
    while (current) {
      if (value === current.value) return true;
      current = value < current.value ? current.left : current.right;
    }
    return false;
  }

  inOrder(node = this.root, out = []) {
    if (node) {
      this.inOrder(node.left, out);
      out.push(node.value);
      this.inOrder(node.right, out);
    }
    return out;
  }

  height(node = this.root) {
    return node === null ? 0 : 1 + Math.max(this.height(node.left), this.height(node.right));
  }

  *[Symbol.iterator]() {
    yield* this.inOrder();
  }
}

const tree = new Tree();
[50, 30, 70, 20, 40, 60, 80].forEach((v) => tree.insert(v));
console.log(tree.inOrder(), tree.height(), tree.size);
console.log(tree.contains(60), tree.contains(65));
for (const v of tree) {
  if (v > 40) break;
  console.log(v);
}

class Queue {
  #items = [];
  enqueue(x) { this.#items.push(x); }
  dequeue() { return this.#items.shift(); }
  get length() { return this.#items.length; }
  get isEmpty() { return this.#items.length === 0; }
}
const q = new Queue();
q.enqueue("Ash"); q.enqueue("Bryn");
console.log(q.length, q.dequeue(), q.isEmpty, q.dequeue(), q.dequeue(), q.isEmpty);
