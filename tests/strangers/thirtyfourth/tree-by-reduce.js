class Tree { constructor(v) { this.v = v; this.left = this.right = null; }
  insert(v) { const side = v < this.v ? 'left' : 'right'; if (this[side]) this[side].insert(v); else this[side] = new Tree(v); return this; }
  *walk() { if (this.left) yield* this.left.walk(); yield this.v; if (this.right) yield* this.right.walk(); }
}
const tree = [8, 3, 10].reduce((t, v) => t ? t.insert(v) : new Tree(v), null);
console.log([...tree.walk()]);
