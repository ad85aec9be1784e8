const self = 5;
class A { x = self; y = this.x + 1; f() { return this.y + self; } }
console.log(new A().x, new A().y, new A().f());
class Bed { constructor(n) { this.n = n; } all() { const self = this; return [1, 2].map(function (x) { return x + self.n; }); } }
console.log(new Bed(3).all());
function Pot(size) { var self = this; self.size = size; this.twice = function () { return self.size * 2; }; }
console.log(new Pot(4).twice());
const o = { a: 1, f() { const self = this; return () => self.a; } };
console.log(o.f()());
