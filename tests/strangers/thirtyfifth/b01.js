'use strict';
const readline = require('readline');

class Inventory {
  #items = new Map();
  static from(lines) {
    const inv = new Inventory();
    for (const line of lines) {
      const [name, count, price] = line.split(',').map(s => s.trim());
      inv.add(name, Number(count), parseFloat(price));
    }
    return inv;
  }
  add(name, count = 1, price = 0) {
    const item = this.#items.get(name) ?? { count: 0, price };
    item.count += count;
    this.#items.set(name, item);
    return this;
  }
  get total() {
    return [...this.#items.values()].reduce((sum, { count, price }) => sum + count * price, 0);
  }
  *[Symbol.iterator]() {
    for (const [name, { count }] of this.#items) yield `${name} x${count}`;
  }
}
const lines = [];
const rl = readline.createInterface({ input: process.stdin });
rl.on('line', (line) => { if (line.trim() !== '') lines.push(line); });
rl.on('close', () => {
  const inv = Inventory.from(lines);
  inv.add('Rake').add('Seeds', 10);
  for (const row of inv) console.log(row);
  console.log(`Total: ${inv.total.toFixed(2)}`);
});
