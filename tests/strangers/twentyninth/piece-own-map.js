class M {
  constructor() { this.data = [[1, 2], [3, 4]]; }
  map(f) { return this.data.map((r, i) => r.map((v, j) => f(v, i, j))); }
}
console.log(new M().map((v, i, j) => v * (i === j ? 10 : 1)));
