function Account(owner) { this.owner = owner; }
Account.prototype.deposit = function (n) { return n; };
const a = new Account('x');
console.log(typeof a.deposit, typeof a.owner, typeof a.nothing);
class P { run() {} get area() { return 3; } static make() {} }
const p = new P();
console.log(typeof p.run, typeof p.area, typeof P.make, typeof P);
console.log('run' in p, p.run ? 'yes' : 'no', typeof p['run']);
if (typeof p.run === 'function') console.log('callable');
const duck = x => typeof x.quack === 'function' ? 'duck' : 'no duck';
console.log(duck(p), duck({ quack() {} }), duck({ quack: 3 }));
