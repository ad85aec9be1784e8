class A { #x = 1; get() { return this.#x; } }
class B extends A { #x = 2; own() { return this.#x; } }
const b = new B();
console.log(b.get(), b.own(), b.x);
