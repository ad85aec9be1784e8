'use strict';

/**
 * Seed store inventory.
 */
class Item {
  #stock = 0;
  static created = 0;

  constructor(name, price, stock = 0) {
    this.name = name;
    this.price = price;
    this.#stock = stock;
    Item.created++;
  }

  get stock() {
    return this.#stock;
  }

  set stock(value) {
    if (value < 0) {
      throw new RangeError(`Stock of ${this.name} cannot be ${value}`);
    }
    this.#stock = value;
  }

  get value() {
    return this.price * this.#stock;
  }

  toString() {
    return `${this.name.padEnd(10)} ${String(this.#stock).padStart(4)} x ${this.price.toFixed(2)}`;
  }

  static compare(a, b) {
    return b.value - a.value;
  }
}

class Perishable extends Item {
  constructor(name, price, stock, days) {
    super(name, price, stock);
    this.days = days;
  }

  toString() {
    return super.toString() + ` (${this.days} days)`;
  }
}

class Store {
  constructor(items = []) {
    this.items = new Map(items.map((item) => [item.name, item]));
  }

  add(...items) {
    for (const item of items) this.items.set(item.name, item);
    return this;
  }

  sell(name, count = 1) {
    const item = this.items.get(name);
    if (!item) throw new Error('No such item: ' + name);
    item.stock -= count;
    return item.price * count;
  }

  get total() {
    return [...this.items.values()].reduce((sum, item) => sum + item.value, 0);
  }

  *[Symbol.iterator]() {
    yield* this.items.values();
  }
}

const store = new Store([new Item('Beans', 1.5, 40), new Item('Kale', 2, 5)]);
store.add(new Perishable('Lettuce', 0.8, 12, 3), new Item('Marrow', 4.25));

for (const item of store) {
  console.log(item.toString());
}
console.log('Total:', store.total.toFixed(2), 'created:', Item.created);

for (const [name, count] of [['Beans', 10], ['Kale', 6], ['Turnip', 1], ['Lettuce']]) {
  try {
    console.log(name, '->', store.sell(name, count));
  } catch (e) {
    if (e instanceof RangeError) {
      console.log('Range:', e.message);
    } else {
      console.log(`${e.name}: ${e.message}`);
    }
  } finally {
    console.log('next');
  }
}

const sorted = [...store].sort(Item.compare).map(({ name, value }) => `${name}=${value}`);
console.log(sorted.join(', '));
