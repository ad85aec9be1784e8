class P { a = 1; constructor() { this.b = 2; this.init(); } init() { this.c = 3; } }
class Q extends P { d = 4; e = this.b + 10; }
class R extends Q { f = 5; constructor(x) { super(); this.g = x; } init() { super.init(); this.h = typeof this.d; } }
class S extends R { i = 6; constructor() { super(7); this.j = 8; } }
class T extends S {}
class U extends T { k = this.j * 2; }
console.log(new P(), new Q(), new R(1), new S(), new T(), new U());
class E1 extends Error { code = 5; constructor(m) { super(m); this.name = 'E1'; } }
class E2 extends E1 { extra = 1; }
const e = new E2('bad');
console.log(e.message, e.code, e.extra, e.name, Object.keys(e));
class N { x = 1; }
class M extends N { y = 2; }
class O extends M { z = 3; constructor(...args) { super(...args); this.w = args.length; } }
console.log(new N(), new M(), new O(1, 2));
class G { constructor(n) { this.n = n; } }
class H extends G { twice = this.n * 2; list = []; add(x) { this.list.push(x); return this; } }
console.log(new H(4).add(1), new H(5));
