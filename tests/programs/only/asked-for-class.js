class A { constructor() { if (new.target === A) throw new TypeError("abstract"); this.x = 1; } } class B extends A {} try { new A(); } catch (e) { console.log(e.message); } console.log(new B().x);
class C {} class D extends C {} const d = new D(); console.log(d.constructor === D, d.constructor === C, d.constructor.name);
