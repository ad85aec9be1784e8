const Dog = function Dog(name) {
  this.name = name;
};
Dog.prototype.bark = function () { return this.name + "!"; };
let Cat = function (n) { this.n = n; this.say = function () { return "m" + this.n; }; };
console.log(new Dog("Rex").bark(), new Cat(3).say());
var plain = function (a) { return a * 2; };
console.log(plain(4), typeof Dog);
