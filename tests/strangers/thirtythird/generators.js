function* range(start, end = Infinity, step = 1) {
  for (let i = start; i < end; i += step) yield i;
}

function* take(n, source) {
  let i = 0;
  for (const value of source) {
    if (i++ >= n) return;
    yield value;
  }
}

const map = function* (f, source) {
  for (const x of source) yield f(x);
};

class Tree {
  constructor(value, left = null, right = null) {
    Object.assign(this, { value, left, right });
  }
  insert(value) {
    const side = value < this.value ? 'left' : 'right';
    if (this[side]) this[side].insert(value);
    else this[side] = new Tree(value);
    return this;
  }
  *[Symbol.iterator]() {
    if (this.left) yield* this.left;
    yield this.value;
    if (this.right) yield* this.right;
  }
  get depth() {
    return 1 + Math.max(this.left?.depth ?? 0, this.right?.depth ?? 0);
  }
}

console.log([...take(5, range(10, undefined, 5))]);
console.log(Array.from(map(x => x * x, range(1, 5))));
const tree = [30, 70, 20, 40, 60, 80].reduce((t, v) => t.insert(v), new Tree(50));
console.log(...tree);
console.log(Math.max(...tree), tree.depth, [...tree].length);
const [smallest, second] = tree;
console.log(smallest, second);
const g = range(1, 3);
console.log(g.next(), g.next().value, g.next().done);
const collatz = {
  from: 6,
  *[Symbol.iterator]() {
    let n = this.from;
    while (n !== 1) {
      yield n;
      n = n % 2 ? 3 * n + 1 : n / 2;
    }
    yield 1;
  },
};
console.log([...collatz].join(' → '));
for (const [i, v] of [...take(3, tree)].entries()) console.log(i, v);
console.log(new Set(take(4, range(0))).size, new Map(Object.entries({ a: 1 })).get('a'));
