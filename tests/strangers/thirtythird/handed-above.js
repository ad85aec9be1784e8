class A { constructor(name, rows = 1) { this.name = name; this.rows = rows; } tell(a, b = 2) { return `${this.name} ${a} ${b}`; } }
class B extends A { constructor(name, ...more) { super(name + '!', ...more); } tell(...args) { return super.tell(...args) + '?'; } }
class C extends A { size = 4; constructor(...args) { super(...args); this.more = args.length; } }
class R { constructor(...all) { this.all = all; } }
class S extends R { constructor(a, b) { super(a, b, 3); } }
class T extends R { constructor(...x) { super(0, ...x); } }
class E extends Error { constructor(...args) { super(...args); this.name = 'E'; } }
console.log(new B('x'), new B('y', 3), new C('z'), new C('w', 4, 5), new S(1, 2), new T(), new T(7, 8));
console.log(new B('x').tell(1), new B('x').tell(1, 9), new E('bad').message);
