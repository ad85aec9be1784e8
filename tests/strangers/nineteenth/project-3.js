// prototype style & var, old textbook
function Animal(name, sound) {
  this.name = name;
  this.sound = sound;
}
Animal.prototype.speak = function () {
  return this.name + ' says ' + this.sound;
};
function Dog(name) {
  Animal.call(this, name, 'woof');
  this.tricks = [];
}
Dog.prototype = Object.create(Animal.prototype);
Dog.prototype.constructor = Dog;
Dog.prototype.learn = function (trick) {
  this.tricks.push(trick);
  return this;
};
var d = new Dog('Rex');
d.learn('sit').learn('roll');
console.log(d.speak(), d.tricks.length, d instanceof Animal);
var self = { count: 0, inc: function () { var that = this; [1, 2].forEach(function (n) { that.count += n; }); return this.count; } };
console.log(self.inc(), self.inc());
var fns = [];
for (var i = 0; i < 3; i++) { (function (n) { fns.push(function () { return n * 10; }); })(i); }
console.log(fns.map(function (f) { return f(); }));
console.log(typeof undefinedVar === 'undefined', hoisted());
var x = 5;
function hoisted() { return 'yes'; }
var counter = (function () { var c = 0; return { next: function () { return ++c; }, reset: function () { c = 0; } }; })();
counter.next(); counter.next(); console.log(counter.next()); counter.reset(); console.log(counter.next());
var o = {}; o['a b'] = 1; o.c = [1, 2, 3]; console.log(o['a b'], o.c.length, 'c' in o, o.hasOwnProperty('z'));
switch (typeof o) { case 'object': console.log('obj'); break; default: console.log('other'); }
var s = ''; for (var k in { x: 1, y: 2 }) s += k; console.log(s);
var arr = [5, 3, 9]; arr.sort(function (a, b) { return b - a; }); console.log(arr, arr.concat([1]));
do { x--; } while (x > 0); console.log(x, x == '0', x === 0, !!x, x || 'zero');
console.log(parseInt('12abc', 10), isNaN('abc'), [1, 2, 3].join(' + ') + ' = ');
