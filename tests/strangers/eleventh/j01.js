'use strict';
// Inventory of the garden shop
class Item {
  #price;
  constructor(name, price, quantity = 1) {
    this.name = name;
    this.#price = price;
    this.quantity = quantity;
  }
  get total() { return this.#price * this.quantity; }
  set price(value) {
    if (value < 0) throw new RangeError(`bad price ${value}`);
    this.#price = value;
  }
  toString() { return `${this.name} x${this.quantity}`; }
  static compare(a, b) { return a.total - b.total || a.name.localeCompare(b.name); }
}

class Seeds extends Item {
  constructor(name, price, quantity, kind) {
    super(name, price, quantity);
    this.kind = kind;
  }
  toString() { return super.toString() + ` [${this.kind}]`; }
}

const items = [new Item('spade', 12.5), new Seeds('kale', 1.2, 10, 'leaf'), new Item('pot', 3, 4)];
items.sort(Item.compare).forEach((item, i) => console.log(`${i + 1}. ${item} = ${item.total.toFixed(2)}`));
try {
  items[0].price = -1;
} catch (e) {
  console.log(e.name + ': ' + e.message, e instanceof RangeError);
} finally {
  console.log('checked');
}
const totals = items.reduce((acc, { name, total }) => ({ ...acc, [name]: total }), {});
console.log(totals);
console.log(Object.entries(totals).map(([k, v]) => k + '=' + v).join('&'));
const grouped = {};
for (const it of items) {
  const key = it instanceof Seeds ? 'seeds' : 'tools';
  (grouped[key] ||= []).push(it.name);
}
console.log(JSON.stringify(grouped, null, 2));
console.log(items.some((i) => i.quantity > 5), items.every((i) => i.total > 1), items.findIndex((i) => i.name === 'pot'));
const { a = 1, ...others } = { b: 2, c: 3 };
console.log(a, others, items.at(-1)?.name, items[9]?.name ?? 'none');
