function Node(key, value) {
  return { key, value, left: null, right: null };
}

function createTree(compare = (a, b) => a - b) {
  let root = null;
  let size = 0;

  function insert(key, value) {
    if (!root) {
      root = Node(key, value);
      size++;
      return;
    }
    let current = root;
    while (true) {
      const c = compare(key, current.key);
      if (c === 0) {
        current.value = value;
        return;
      }
      const side = c < 0 ? 'left' : 'right';
      if (!current[side]) {
        current[side] = Node(key, value);
        size++;
        return;
      }
      current = current[side];
    }
  }

  function find(key) {
    let current = root;
    while (current && compare(key, current.key) !== 0) {
      current = compare(key, current.key) < 0 ? current.left : current.right;
    }
    return current ? current.value : undefined;
  }

  function height(node = root) {
    return node ? 1 + Math.max(height(node.left), height(node.right)) : 0;
  }

  function walk(visit, node = root) {
    if (!node) return;
    walk(visit, node.left);
    visit(node.key, node.value);
    walk(visit, node.right);
  }

  return { insert, find, height, walk, get size() { return size; } };
}

const numbers = createTree();
[50, 30, 70, 20, 40, 60, 80, 30].forEach((n, i) => numbers.insert(n, 'v' + i));
const keys = [];
numbers.walk(k => keys.push(k));
console.log(keys.join(' '), numbers.size, numbers.height());
console.log(numbers.find(30), numbers.find(60), numbers.find(99));

const words = createTree((a, b) => a.localeCompare(b));
for (const w of 'the rain in the garden falls on the snail'.split(' ')) words.insert(w, (words.find(w) ?? 0) + 1);
words.walk((word, count) => console.log(`${word}: ${'*'.repeat(count)}`));
console.log(words.size);
