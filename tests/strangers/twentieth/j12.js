class Animal {
  constructor(name, sound) {
    this.name = name;
    this.sound = sound;
  }
  speak() {
    console.log(`${this.name} says ${this.sound}`);
  }
  get loud() {
    return this.sound.toUpperCase() + "!";
  }
  set nickname(n) {
    if (!n) throw new TypeError("empty nickname");
    this._nick = n;
  }
  get nickname() {
    return this._nick ?? this.name;
  }
  static compare(a, b) {
    return a.name < b.name ? -1 : a.name > b.name ? 1 : 0;
  }
}
class Frog extends Animal {
  constructor(name) {
    super(name, "croak");
  }
  speak() {
    super.speak();
    console.log("(and hops)");
  }
}
class ValidationError extends Error {
  constructor(message, field) {
    super(message);
    this.name = "ValidationError";
    this.field = field;
  }
}
const zoo = [new Frog("Pip"), new Animal("Hen", "cluck"), new Frog("Ada")];
zoo.sort(Animal.compare).forEach((z) => z.speak());
console.log(zoo[0].loud, zoo.map((z) => z.name));
zoo[1].nickname = "Henny";
console.log(zoo[1].nickname, zoo[0].nickname);
try {
  zoo[1].nickname = "";
} catch ({ name, message }) {
  console.log(name, message);
}
function check(age) {
  if (typeof age !== "number" || Number.isNaN(age)) throw new ValidationError("not a number", "age");
  if (age < 0) throw new ValidationError("negative", "age");
  return age;
}
for (const v of [3, -1, "x", NaN]) {
  try {
    console.log(check(v));
  } catch (e) {
    if (!(e instanceof ValidationError)) throw e;
    console.log(`${e.name} in ${e.field}: ${e.message}`);
  }
}
try {
  null.foo;
} catch (e) {
  console.log(e instanceof TypeError, e.message);
}
try {
  undefinedFunction();
} catch (e) {
  console.log(e.name, e.message);
}
try {
  JSON.parse("{bad");
} catch (e) {
  console.log(e.name);
}
const mixin = { fly() { return this.name + " flies"; } };
Object.assign(zoo[1], mixin);
console.log(zoo[1].fly());
console.log(zoo[0]);
console.log([undefined, null, true, "s", [1, [2]], { a: { b: { c: {} } } }, () => 1, new Map([["k", 1]]), new Set("ab")]);
