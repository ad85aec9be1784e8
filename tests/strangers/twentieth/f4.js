// inventory with classes, closures over state, and reporting
class Item {
  constructor(name, price, qty = 1, tags = []) {
    Object.assign(this, { name, price, qty, tags });
  }
  get total() { return this.price * this.qty; }
  withQty(qty) { return new Item(this.name, this.price, qty, [...this.tags]); }
  static compare = (a, b) => a.total - b.total;
}
class Inventory {
  #items = [];
  #listeners = {};
  on(event, fn) { (this.#listeners[event] ??= []).push(fn); return this; }
  #emit(event, ...args) { (this.#listeners[event] || []).forEach((fn) => fn(...args)); }
  add(item) {
    const same = this.#items.find((i) => i.name === item.name);
    if (same) same.qty += item.qty;
    else this.#items.push(item);
    this.#emit("add", item, this.#items.length);
    return this;
  }
  remove(name, qty = Infinity) {
    const index = this.#items.findIndex((i) => i.name === name);
    if (index < 0) throw new Error(`no ${name}`);
    const item = this.#items[index];
    item.qty -= Math.min(qty, item.qty);
    if (item.qty === 0) this.#items.splice(index, 1);
    this.#emit("remove", name);
  }
  get total() { return this.#items.reduce((t, i) => t + i.total, 0); }
  *[Symbol.iterator]() { yield* this.#items; }
  report() {
    const rows = [...this.#items].sort(Item.compare).map(({ name, price, qty, total }) =>
      [name.padEnd(8), price.toFixed(2).padStart(6), `x${qty}`.padStart(4), total.toFixed(2).padStart(8)].join(" "));
    return ["-".repeat(29), ...rows, "=".repeat(29), `${"total".padEnd(20)} ${this.total.toFixed(2).padStart(8)}`].join("\n");
  }
  byTag() {
    const groups = new Map();
    for (const item of this) {
      for (const tag of item.tags) {
        if (!groups.has(tag)) groups.set(tag, []);
        groups.get(tag).push(item.name);
      }
    }
    return groups;
  }
}
const log = [];
const inv = new Inventory();
inv.on("add", (item, n) => log.push(`+${item.name}(${n})`)).on("remove", (n) => log.push(`-${n}`));
inv.add(new Item("spade", 12.5, 2, ["tool"])).add(new Item("seed", 0.75, 40, ["plant", "small"])).add(new Item("spade", 12.5));
inv.remove("seed", 10);
try { inv.remove("rake"); } catch (e) { log.push(e.message); }
console.log(inv.report());
console.log(log.join(", "));
console.log(inv.byTag());
const copy = new Item("a", 1).withQty(5);
copy.tags.push("new");
console.log(copy, copy.total, Object.keys(copy).length);
for (const { name, qty } of inv) console.log(name, qty);
inv.remove("spade");
console.log(inv.total, [...inv].length);
