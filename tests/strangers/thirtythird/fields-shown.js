class A {
  size = 1;
  constructor(name, rows = 1) { this.name = name; this.rows = rows; }
  tell() { return 1; }
}
class B extends A { extra = 2; grow = (k) => this.rows + k; }
class C extends A {
  colour = 'red';
  constructor(name) { super(name); this.last = 5; }
}
const b = new B('x', 3), c = new C('y');
console.log(b, c, JSON.stringify(c), Object.keys(b));
console.log('rows' in b, 'tell' in b, 'size' in c, 'nothing' in c, b.hasOwnProperty('rows'));
for (const k in c) console.log(k);
console.log({ ...b, extra: 3 }.extra);
