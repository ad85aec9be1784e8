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
var rex = new Dog('Rex');
console.log(rex.speak(), rex.learn('sit').learn('roll').tricks.join(', '));
console.log(rex instanceof Dog, rex instanceof Animal);

var grades = [88, 92.5, 70, 64, 100];
var letter = function (g) {
  if (g >= 90) { return 'A'; }
  else if (g >= 80) { return 'B'; }
  else if (g >= 70) { return 'C'; }
  return 'F';
};
var counts = {};
grades.forEach(function (g) {
  var l = letter(g);
  counts[l] = (counts[l] === undefined ? 0 : counts[l]) + 1;
});
for (var l in counts) {
  if (counts.hasOwnProperty(l)) {
    console.log(l + ': ' + counts[l]);
  }
}
var total = 0, i = 0;
while (i < grades.length) total += grades[i++];
console.log('average ' + (total / grades.length).toFixed(1));
grades.sort(function (a, b) { return b - a; });
console.log(grades, grades.slice(1, 3), grades.concat([1]), grades.reverse());
var stack = [];
stack.push(1); stack.push(2);
console.log(stack.pop(), stack, stack.length);
var s = 'hello world';
var caps = '';
for (var k = 0; k < s.length; k++) {
  caps += k === 0 || s.charAt(k - 1) === ' ' ? s.charAt(k).toUpperCase() : s.charAt(k);
}
console.log(caps, s.indexOf('o'), s.lastIndexOf('o'), s.substr(6, 3));
switch (new Date(2024, 0, 15).getMonth()) {
  case 0: console.log('January'); break;
  default: console.log('other');
}
