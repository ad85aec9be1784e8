class A { #step() { return "a"; } go() { return this.#step(); } }
class B extends A { #step() { return "b"; } own() { return this.#step(); } }
const b = new B();
console.log(b.go(), b.own());
