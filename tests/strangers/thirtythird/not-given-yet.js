class B { constructor() { B.count = (B.count || 0) + 1; } }
new B(); new B();
console.log(B.count);
class C { static up() { C.n = C.n === undefined ? 1 : C.n + 1; return C.n; } }
console.log(C.up(), C.up());
console.log(C.z);
