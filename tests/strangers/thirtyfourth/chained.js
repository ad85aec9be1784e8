const o = {};
let n = 0;
o.a = o.b = 3;
console.log(o);
let s, t; s = t = 5; console.log(s, t);

class A { constructor(v) { this.one = this.two = this.three = v; this.w = this.h = 0; } }
console.log(new A(3), new A([]));
function f(x) { o.c = o.d = x * 2; }
f(2); console.log(o, Object.keys(o));
