function hi(g, m) { return g + this.name + m; }
var p = { name: 'pea' };
console.log(hi.call(p, 'Hi ', '!'), hi.apply(p, ['Yo ', '?']));
function Plant(name) { this.name = name; }
function Tree(name, h) { Plant.call(this, name); this.h = h; }
Tree.prototype = Object.create(Plant.prototype);
Tree.prototype.constructor = Tree;
Tree.prototype.show = function () { return this.name + this.h; };
console.log(new Tree('oak', 9).show());
function total() { return this.price * this.n; }
console.log([{ price: 2, n: 3 }, { price: 5, n: 1 }].map(function (x) { return total.call(x); }));
var o = { name: 'bean', say: hi };
console.log(o.say('<', '>'));
