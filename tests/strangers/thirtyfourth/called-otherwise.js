class A extends Error { constructor(m) { super(m); this.name = 'Called'; } }
class B extends A {}
const o = new B('x');
console.log(o.constructor.name, o.name, o instanceof A);
