// closures, this, prototypes, classes
const counters = [];
for (var i = 0; i < 3; i++) counters.push(() => i);
console.log(counters.map((f) => f()));
const fresh = [];
for (let j = 0; j < 3; j++) fresh.push(() => j);
console.log(fresh.map((f) => f()));

function Person(name) {
  this.name = name;
  this.friends = [];
}
Person.prototype.greet = function (other) {
  this.friends.push(other.name);
  return this.name + " greets " + other.name;
};
const a = new Person("Ash");
const b = new Person("Bryn");
console.log(a.greet(b), b.greet(a), a.friends.length, a instanceof Person, a.hasOwnProperty("name"));

class Temperature {
  static #made = 0;
  #c;
  constructor(c) {
    this.#c = c;
    Temperature.#made++;
  }
  get fahrenheit() { return this.#c * 9 / 5 + 32; }
  set fahrenheit(f) { this.#c = (f - 32) * 5 / 9; }
  get celsius() { return this.#c; }
  static get made() { return Temperature.#made; }
  toString() { return `${this.#c.toFixed(1)}C`; }
  toJSON() { return { c: this.#c }; }
}
const t = new Temperature(100);
t.fahrenheit = 50;
console.log(`${t}`, t.fahrenheit, t.celsius, Temperature.made, JSON.stringify([t]));

const calc = {
  total: 0,
  add(n) { this.total += n; return this; },
  times(n) { this.total *= n; return this; },
};
console.log(calc.add(5).times(3).add(1).total);
const { total, ...methods } = calc;
console.log(total, Object.keys(methods));

function once(fn) {
  let done = false, result;
  return function (...args) {
    if (!done) { done = true; result = fn(...args); }
    return result;
  };
}
const init = once((x) => { console.log("init", x); return x * 2; });
console.log(init(4), init(9));

const debounceLog = [];
const bank = (() => {
  let balance = 0;
  return { deposit: (n) => (balance += n), get balance() { return balance; } };
})();
bank.deposit(5);
bank.deposit(7);
console.log(bank.balance, bank.deposit(1));
var hoisted = typeof later;
console.log(hoisted, later2());
var later = 5;
function later2() { return "hoisted fn"; }
console.log([1, 2, 3].includes(2), [..."abc"].entries().next().value, Array.isArray([]), typeof []);
const nested = { a: { b: [1, { c: 2 }] } };
const shallow = { ...nested };
const deep = JSON.parse(JSON.stringify(nested));
nested.a.b[1].c = 99;
console.log(shallow.a.b[1].c, deep.a.b[1].c);
const arr1 = [1, 2, 3], arr2 = arr1, arr3 = [...arr1];
arr1.push(4);
console.log(arr2.length, arr3.length, arr1 === arr2, arr1 == [1, 2, 3, 4]);
