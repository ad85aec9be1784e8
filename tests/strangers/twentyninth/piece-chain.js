class S { constructor() { this.n = 0; } add(x) { this.n += x; return this; } map(f) { this.n = f(this.n); return this; } }
const s = new S().add(1).add(2).add(3).add(4).add(5).add(6).add(7).add(8).add(9).add(10).add(1).add(2).add(3).add(4).add(5).add(6).add(7).add(8).add(9).add(10).map(x => x + 1).map(x => x * 2).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x);
console.log(s.n);
const t = [[1], [2]].map(r => r.map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map(x => x).map((x, i) => x + i));
console.log(t);
