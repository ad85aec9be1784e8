function Animal(name, legs) {
  this.name = name;
  this.legs = legs || 4;
}
Animal.prototype.speak = function () {
  return this.name + " has " + this.legs + " legs";
};
Animal.prototype.toString = function() { return "<" + this.name + ">"; }
function Hen(name) {
  Animal.call(this, name, 2);
  this.eggs = [];
}
Hen.prototype = Object.create(Animal.prototype);
Hen.prototype.constructor = Hen;
Hen.prototype.lay = function (n) {
  for (var i = 0; i < n; i++) this.eggs.push(i);
  return this;
};
Hen.prototype.speak = function () {
  return Animal.prototype.speak.call(this) + " and " + this.eggs.length + " eggs";
};
var a = new Animal("Cow"), h = new Hen("Pip");
console.log(a.speak());
console.log(h.lay(2).lay(1).speak());
console.log(h instanceof Animal, a instanceof Hen, String(a), "" + h);
console.log(h.eggs, a);
[a, h].forEach(function (x) { console.log(x.speak()); });

function Pot(size) {
  if (!(this instanceof Pot)) return new Pot(size);
  this.size = size;
}
Pot.prototype.holds = function () { return this.size * 2; };
console.log(Pot(3).holds());
