class A { #x = 1; #step() { return this.#x; } go() { return this.#step(); } get x() { return this.#x; } set x(v) { this.#x = v; } }
class B extends A { y = 2; }
const b = new B(); b.x = 4;
console.log(b.go(), b.x, b._x);
