class Range {
  constructor(from, to) { this.from = from; this.to = to; }
  [Symbol.iterator]() {
    let at = this.from;
    const to = this.to;
    return { next() { return at <= to ? { value: at++, done: false } : { value: undefined, done: true }; } };
  }
}
const r = new Range(1, 2);
const it = r[Symbol.iterator]();
console.log(it.next(), it.next().value, it.next().done);
let s = r[Symbol.iterator](), step;
while (!(step = s.next()).done) console.log(step.value);
