// the old way of objects
function Animal(name, sound) {
    this.name = name;
    this.sound = sound || '...';
}
Animal.prototype.speak = function () { return this.name + ' says ' + this.sound; };
Animal.count = 0;
function Dog(name) {
    Animal.call(this, name, 'woof');
    this.tricks = [];
    Animal.count++;
}
Dog.prototype = Object.create(Animal.prototype);
Dog.prototype.constructor = Dog;
Dog.prototype.learn = function (trick) { this.tricks.push(trick); return this; };
Dog.prototype.toString = function () { return 'Dog(' + this.name + ': ' + this.tricks.join(', ') + ')'; };
var d = new Dog('Bramble');
d.learn('sit').learn('roll');
console.log(d.speak(), '' + d, d instanceof Animal, Animal.count);
console.log(Object.keys(d), d.hasOwnProperty('name'), 'speak' in d, d.hasOwnProperty('speak'));
for (var k in { a: 1, b: 2 }) console.log(k);
var counter = (function () { var n = 0; return { next: function () { return ++n; }, reset: function () { n = 0; } }; })();
counter.next(); counter.next();
console.log(counter.next()); counter.reset(); console.log(counter.next());
var args = function () { return arguments.length + ':' + Array.prototype.slice.call(arguments, 1).join('|'); };
console.log(args(1, 2, 3));
var o = { get full() { return this.a + ' ' + this.b; }, set full(v) { var p = v.split(' '); this.a = p[0]; this.b = p[1]; }, a: 'x', b: 'y' };
o.full = 'Wren Moss'; console.log(o.a, o.full);
console.log(typeof undefined, typeof null, typeof [], typeof function () {}, typeof 1, void 0);
var add = function (a) { return function (b) { return a + b; }; };
console.log(add(2)(3), [1, 2, 3].map(add(10)));
console.log(isNaN('x'), parseInt('12px'), +'3.5', Number(''), '5' * '2', [] + 1, 1 + '2');
label: for (var i = 0; i < 3; i++) for (var j = 0; j < 3; j++) { if (j == 1) continue label; if (i == 2) break label; console.log(i, j); }
