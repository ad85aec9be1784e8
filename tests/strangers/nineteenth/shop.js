'use strict';
// Seed shop: classes, closures, array methods
class Item {
  #price;
  static #made = 0;
  constructor(name, price = 1) {
    this.name = name;
    this.#price = price;
    Item.#made++;
  }
  get price() { return this.#price; }
  set price(p) {
    if (p < 0) throw new RangeError('price must not be negative');
    this.#price = p;
  }
  static get made() { return Item.#made; }
  toString() { return `${this.name} @ ${this.#price.toFixed(2)}`; }
}
class Fresh extends Item {
  constructor(name, price, days) { super(name, price); this.days = days; }
  get price() { return this.days < 2 ? super.price / 2 : super.price; }
  toString() { return super.toString() + ` (${this.days}d)`; }
}
const shop = [new Item('seed', 2.5), new Fresh('leek', 3, 1), new Fresh('kale', 4, 5), new Item('pot')];
shop.forEach((item, i) => console.log(`${i + 1}. ${item} -> ${item.price}`));
try {
  shop[0].price = -4;
} catch (err) {
  console.log(err instanceof RangeError, err.name, err.message);
}
console.log(Item.made, shop.map(({ name }) => name).join('/'));
const byLetter = shop.reduce((acc, item) => {
  const key = item.name[0].toUpperCase();
  (acc[key] = acc[key] || []).push(item.name);
  return acc;
}, {});
console.log(byLetter);
const total = shop.filter(i => i instanceof Fresh).map(i => i.price).reduce((a, b) => a + b, 0);
console.log(total, typeof total, Number.isInteger(total));
const counter = (() => { let n = 0; return { up: () => ++n, down: () => --n, get value() { return n; } }; })();
counter.up(); counter.up(); counter.down();
console.log(counter.value);
function curry(f) { return a => b => c => f(a, b, c); }
console.log(curry((a, b, c) => a + b * c)(1)(2)(3));
const { name, ...others } = { name: 'pea', a: 1, b: 2 };
console.log(name, others, Object.entries(others));
const [first, , third = 'none', ...tail] = ['x', 'y', undefined, 'w', 'v'];
console.log(first, third, tail);
const key = 'dyn';
const obj = { [key + 1]: 1, 'two words': 2, 3: 'three', nested: { deep: { x: [1, { y: 2 }] } } };
console.log(obj, obj?.nested?.deep.x[1].y, obj.missing?.x, obj.missing ?? 'default');
console.log(JSON.stringify(obj), JSON.stringify([1, 'a', null, undefined, () => 1]), JSON.stringify({ d: 1.5, u: undefined }));
console.log(JSON.stringify({ a: [1, 2], b: { c: 3 } }, null, 2));
const m = new Map([['a', 1], ['b', 2]]);
m.set('c', 3).delete('a');
for (const [k, v] of m) console.log(k, v);
console.log(m, m.size, [...m.keys()], new Set([1, 2, 2, 3]), new Set('hello').size);
label: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === 1) continue label; if (i === 2) break label; console.log(i, j); } }
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b), [1, [2, [3, [4]]]].flat(Infinity), Array.from({ length: 3 }, (_, i) => i * i));
console.log('a-b-c'.split('-'), 'abc'.padStart(5, '*'), ' x '.trim() + '|', 'abcabc'.replaceAll('b', 'X'), 'abc'.at(-1), 'Hello'.split('').reverse().join(''));
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 5 / 0, -5 % 3, 2 ** 10, parseInt('42px'), Number(''), Number('abc'), +true, '5' * '2', '5' + 2, 1 / 3);
console.log([] + [], [] == false, null == undefined, null === undefined, NaN === NaN, typeof null, typeof undefined, typeof (() => 1), typeof [], !!'');
