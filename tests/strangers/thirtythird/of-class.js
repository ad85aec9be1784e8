class A { static count = 3; static up() { this.count++; return this.count; } static down() { A.count -= 1; return A.count; } constructor() { A.count++; this.id = A.count; } get made() { return this.constructor.count; } look() { return this.count; } }
const a = new A();
console.log(a.count, A.count, a.id, a.look());
console.log(A.up(), A.down(), a.made);
a.count = 9;
console.log(a.count, A.count, a.look());
