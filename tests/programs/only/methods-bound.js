class Bed {
  constructor(n) { this.n = n; this.grow = this.grow.bind(this); }
  show() { console.log("bed", this.n); }
  grow(k) { this.n += k; return this.n; }
}
const b = new Bed(3);
const f = b.show.bind(b);
f();
[1, 2].forEach(b.grow);
f();
setTimeout(b.show.bind(b), 5);
class Shed {
  constructor() { this.actions = { a: this.add.bind(this), q: () => this.quit() }; this.k = 0; }
  add() { this.k++; console.log("added", this.k); }
  quit() { console.log("bye"); }
}
const s = new Shed();
s.actions.a();
s.actions["q"]();
const log = console.log;
log("x", 2);
