class T { constructor(v) { this.v = v; } ins(v) { return this; } }
class U { constructor(v) { this.v = v; } walk() { return this.v; } }
const a = [8, 3].reduce((t, v) => t ? t : new U(v), null);
console.log(a.walk());
const b = [8, 3].reduce((t, v) => t ?? new U(v), null);
console.log(b.walk());
let c = null; c = new U(4);
console.log(c.walk());
