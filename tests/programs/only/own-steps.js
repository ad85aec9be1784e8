class Range {
  constructor(from, to) { this.from = from; this.to = to; }
  [Symbol.iterator]() {
    let at = this.from;
    const to = this.to;
    return {
      next() {
        return at <= to ? { value: at++, done: false } : { value: undefined, done: true };
      }
    };
  }
}
console.log([...new Range(1, 4)]);
for (const n of new Range(2, 3)) console.log(n);
const [a, b] = new Range(7, 9);
console.log(a, b, Math.max(...new Range(1, 5)), Array.from(new Range(1, 2)));
class Bag {
  constructor(items) { this.items = items; this.at = 0; }
  [Symbol.iterator]() { this.at = 0; return this; }
  next() {
    if (this.at < this.items.length) return { value: this.items[this.at++], done: false };
    return { value: undefined, done: true };
  }
}
for (const x of new Bag(["p", "q"])) console.log(x);
class Over { constructor() { this.list = [3, 1]; } [Symbol.iterator]() { return this.list[Symbol.iterator](); } }
console.log([...new Over()]);
class Values { constructor() { this.list = new Map([["a", 1]]); } [Symbol.iterator]() { return this.list.values(); } }
console.log([...new Values()]);
const it = new Range(1, 2)[Symbol.iterator]();
console.log(it.next(), it.next().value, it.next().done);
class Fib { [Symbol.iterator]() { let [x, y] = [0, 1]; return { next: () => { [x, y] = [y, x + y]; return { value: x, done: false }; } }; } }
for (const f of new Fib()) { if (f > 20) break; console.log(f); }
