// Written in the old way: var, function, prototype
var Animal = function (name, legs) {
  this.name = name;
  this.legs = legs || 4;
};
Animal.prototype.speak = function () {
  return this.name + ' makes a noise';
};
Animal.prototype.describe = function () {
  return this.speak() + ' on ' + this.legs + ' legs';
};
function Hen(name) {
  Animal.call(this, name, 2);
  this.eggs = [];
}
Hen.prototype = Object.create(Animal.prototype);
Hen.prototype.constructor = Hen;
Hen.prototype.speak = function () { return this.name + ' clucks'; };
Hen.prototype.lay = function (n) {
  for (var i = 0; i < n; i++) this.eggs.push('egg' + (this.eggs.length + 1));
  return this;
};
var animals = [new Animal('Goat'), new Hen('Peck')];
for (var i = 0; i < animals.length; i++) {
  console.log(i + ': ' + animals[i].describe());
}
console.log(animals[1].lay(3).eggs.join(), animals[1] instanceof Animal);
var self = this;
var counter = 0;
function tick() {
  counter += 1;
  if (counter < 3) tick();
}
tick();
console.log(counter, typeof missing === 'undefined');
var scores = { ann: 3, bob: 8, cy: 5 };
var names = [];
for (var key in scores) {
  if (scores.hasOwnProperty(key)) names.push(key + '=' + scores[key]);
}
console.log(names);
var fns = [];
for (var j = 0; j < 3; j++) {
  (function (k) { fns.push(function () { return k * 10; }); })(j);
}
console.log(fns.map(function (f) { return f(); }));
var n = 10, bits = '';
do { bits = (n % 2) + bits; n = Math.floor(n / 2); } while (n > 0);
console.log(bits, parseInt(bits, 2), (255).toString(16), 0xff, 0b101, 1e3, 5 & 3, 5 | 3, 5 ^ 3, ~5, 1 << 4, -9 >> 1, -9 >>> 28);
switch (bits.length) {
  case 1: case 2: console.log('short'); break;
  case 4: console.log('four');
  case 5: console.log('falls through'); break;
  default: console.log('long');
}
var args = function () { return Array.prototype.slice.call(arguments, 1).concat(arguments.length); };
console.log(args(1, 2, 3));
var o = { a: 1, get double() { return this.a * 2; }, 'b c': [1, , 3], 4: 'four', nested: { deep: { deeper: { deepest: 1 } } } };
console.log(o, o['b c'].length, o[4]);
console.log([1, 2, 3].toString(), String([1, [2, 3]]), String({}), [] == false, null == undefined, NaN == NaN, '1' == 1);
console.log([3, 20, 100].sort(), [1, 2, 3, 4].splice(1, 2), [1, 2, 3].lastIndexOf(3), [[1, 'a'], [2, 'b']].length);
console.log(hoisted(), typeof later);
function hoisted() { return 'hoisted'; }
var later = 5;
if (!Array.prototype.sum2) { console.log('no sum2'); }
console.log(new Date(2024, 0, 15).getDay(), Math.trunc(-4.7), Math.sign(-3), Math.cbrt(27), Math.log2(8), Number.MAX_SAFE_INTEGER);
