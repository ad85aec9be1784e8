// Inventory with classes
class Item {
  constructor(name, price, qty = 1) {
    this.name = name;
    this.price = price;
    this.qty = qty;
  }
  get total() { return this.price * this.qty; }
  toString() { return `${this.qty} x ${this.name} @ ${this.price.toFixed(2)}`; }
}
class Perishable extends Item {
  constructor(name, price, qty, days) {
    super(name, price, qty);
    this.days = days;
  }
  get total() { return super.total * (this.days < 2 ? 0.5 : 1); }
  toString() { return super.toString() + ` (${this.days}d)`; }
}
class Inventory {
  constructor() { this.items = []; }
  add(...items) { this.items.push(...items); return this; }
  remove(name) {
    const i = this.items.findIndex(x => x.name === name);
    if (i < 0) throw new Error(`No item called ${name}`);
    return this.items.splice(i, 1)[0];
  }
  get total() { return this.items.reduce((s, i) => s + i.total, 0); }
  group(fn) {
    const out = {};
    for (const item of this.items) {
      const key = fn(item);
      if (!(key in out)) out[key] = [];
      out[key].push(item.name);
    }
    return out;
  }
  [Symbol.iterator]() { return this.items[Symbol.iterator](); }
}
const inv = new Inventory();
inv.add(new Item("rake", 12.5, 2), new Perishable("milk", 1.2, 10, 1)).add(new Item("pot", 3));
for (const item of inv) console.log(`${item}`, item.total);
console.log(inv.total, inv.group(i => i.price > 3 ? "dear" : "cheap"));
try { inv.remove("saw"); } catch (e) { console.log(e.message, e instanceof Error, e.name); }
console.log(String(inv.remove("rake")), inv.items.length);
console.log(inv.items[0] instanceof Perishable, inv.items[0] instanceof Item, inv.items.map(i => i.constructor.name));
console.log(inv.items[0], [...inv].length);
console.log(JSON.stringify(inv));
