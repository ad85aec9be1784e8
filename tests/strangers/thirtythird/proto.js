const counter = (function () {
  let value = 0;
  return {
    increment() { return ++value; },
    decrement: () => --value,
    get value() { return value; },
    reset: function () { value = 0; }
  };
})();
counter.increment(); counter.increment(); counter.decrement();
console.log(counter.value);
counter.reset();
console.log(counter.value, counter.increment());

const animal = { legs: 4, describe() { return `${this.name} has ${this.legs} legs`; } };
const hen = Object.create(animal);
hen.name = 'hen'; hen.legs = 2;
console.log(hen.describe(), hen.hasOwnProperty('legs'), animal.isPrototypeOf(hen));
const cat = Object.assign(Object.create(animal), { name: 'cat' });
console.log(cat.describe());
const frozen = Object.freeze({ a: 1, b: { c: 2 } });
try { 'use strict'; frozen.a = 5; } catch (e) { console.log('frozen'); }
frozen.b.c = 3;
console.log(frozen.a, frozen.b.c, Object.isFrozen(frozen));
const DIRECTIONS = Object.freeze({ UP: Symbol('up'), DOWN: Symbol('down') });
console.log(DIRECTIONS.UP === DIRECTIONS.UP, DIRECTIONS.UP.toString(), typeof DIRECTIONS.DOWN, DIRECTIONS.UP.description);
const mixin = Base => class extends Base { shout() { return this.name.toUpperCase() + '!'; } };
class Person { constructor(name) { this.name = name; } }
class Loud extends mixin(Person) {}
console.log(new Loud('Ida').shout());
function greet(greeting, mark) { return greeting + ' ' + this.name + mark; }
console.log(greet.call({ name: 'Ola' }, 'Hi', '.'), greet.apply({ name: 'Per' }, ['Hey', '!']), greet.bind({ name: 'Una' }, 'Yo')('?'));
const tag = (strings, ...values) => strings.raw.map((s, i) => s + (values[i] !== undefined ? `[${values[i]}]` : '')).join('');
console.log(tag`bed ${3} has ${'kale'}.`);
const handler = { get: (target, key) => (key in target ? target[key] : `no ${String(key)}`) };
const p = new Proxy({ rake: 2 }, handler);
console.log(p.rake, p.spade);
console.log([1, [2, [3, [4]]]].flat(Infinity), [..."héllo"].reverse().join(''), 'x-y-z'.replaceAll('-', '+'), 'abc'.at(-1));
label: { console.log('in'); if (counter.value) break label; console.log('never'); }
const { a, ...rest } = { a: 1, b: 2, c: 3 };
console.log(a, rest, Object.entries(rest));
var x = 1; { var x = 2; } let y = 1; { let y = 2; y++; } console.log(x, y);
console.log([10, 1, 5].toString(), `${[1, [2, 3]]}`, String({}), String(null), [null, undefined, 1].join('-'));
console.log(isNaN('abc'), Number.isNaN('abc'), Number.isInteger(5.0), Number.MAX_SAFE_INTEGER, Math.sign(-3), Math.trunc(-4.7), Math.hypot(3, 4), Math.cbrt(27));
