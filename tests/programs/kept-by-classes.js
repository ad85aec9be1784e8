class Bed {
  static count = 0;
  static kinds = ["pea"];
  static make(n) { this.count++; this.kinds.push(n); return new this(n); }
  static all() { return [1, 2].map((n) => n * this.count); }
  static get size() { return this.kinds.length; }
  static both() { return this.all().concat(this.all()); }
  constructor(n) { this.n = n; }
  copy() { return Bed.make(this.n); }
}
const b = Bed.make("b");
console.log(b.n, Bed.count, Bed.kinds[1], Bed.size, Bed.all()[1], Bed.both().length, b.copy().n);
