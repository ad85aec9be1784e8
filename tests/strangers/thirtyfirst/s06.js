class Node {
  constructor(value) {
    this.value = value;
    this.left = null;
    this.right = null;
  }
}

class BinarySearchTree {
  constructor() {
    this.root = null;
    this.size = 0;
  }

  insert(value) {
    const node = new Node(value);
    if (this.root === null) {
      this.root = node;
      this.size++;
      return true;
    }
    let current = this.root;
    while (true) {
      if (value === current.value) return false;
      if (value < current.value) {
        if (!current.left) {
          current.left = node;
          break;
        }
        current = current.left;
      } else {
        if (!current.right) {
          current.right = node;
          break;
        }
        current = current.right;
      }
    }
    this.size++;
    return true;
  }

  contains(value, node = this.root) {
    if (!node) return false;
    if (node.value === value) return true;
    return value < node.value ? this.contains(value, node.left) : this.contains(value, node.right);
  }

  *[Symbol.iterator]() {
    yield* this.walk(this.root);
  }

  *walk(node) {
    if (node) {
      yield* this.walk(node.left);
      yield node.value;
      yield* this.walk(node.right);
    }
  }

  height(node = this.root) {
    return node === null ? 0 : 1 + Math.max(this.height(node.left), this.height(node.right));
  }

  levels() {
    const out = [];
    const queue = [[this.root, 0]];
    while (queue.length) {
      const [node, depth] = queue.shift();
      if (!node) continue;
      (out[depth] = out[depth] || []).push(node.value);
      queue.push([node.left, depth + 1], [node.right, depth + 1]);
    }
    return out;
  }
}

const tree = new BinarySearchTree();
[8, 3, 10, 1, 6, 14, 4, 7, 13, 3].forEach(v => tree.insert(v));
console.log([...tree]);
console.log(tree.size, tree.height(), tree.contains(7), tree.contains(5));
console.log(tree.levels());
for (const v of tree) if (v > 9) console.log(v);
