const o = { n: "o", hi() { return this.n; }, arrow: () => "arrow" };
const p = { n: "p", hi: o.hi };
const q = { ...o, n: "q" };
console.log(o.hi(), p.hi(), q.hi(), Object.assign({}, o, { n: "r" }).hi());
[1].forEach(() => console.log(o.hi()));
console.log([p, q].map((x) => x.hi()).join());
class A { constructor() { this.n = "A"; } greet() { return this.n; } }
const a = new A();
a.own = o.hi;
console.log(a.own(), a.greet());
