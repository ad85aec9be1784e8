class L {
  constructor() { this.items = [3, 1, 2]; }
  *[Symbol.iterator]() { for (const i of this.items) yield i; }
  *doubled() { for (const i of this.items) { if (i === 2) return; yield i * 2; } }
}
const l = new L();
console.log([...l], Math.max(...l), [...l.doubled()]);
for (const v of l) console.log(v);
function* range(from, to, step = 1) { for (let i = from; i < to; i += step) yield i; }
function* all() { yield* range(0, 3); yield 9 }
console.log([...range(0, 10, 3)], Array.from(all()));
