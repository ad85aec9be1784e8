"use strict";

class Item {
  static #next = 1;
  constructor(name, price, tags = []) {
    this.id = Item.#next++;
    this.name = name;
    this.price = price;
    this.tags = tags;
  }
  get label() { return `#${this.id} ${this.name}`; }
  matches(text) { return this.name.toLowerCase().includes(text.toLowerCase()); }
}

class Store {
  items = new Map();
  listeners = [];
  on(listener) { this.listeners.push(listener); return () => { this.listeners = this.listeners.filter(l => l !== listener); }; }
  emit(type, data) { for (const l of this.listeners) l({ type, ...data }); }
  add(...args) {
    const item = new Item(...args);
    this.items.set(item.id, item);
    this.emit("added", { item });
    return item;
  }
  remove(id) {
    if (!this.items.has(id)) throw new RangeError(`no item ${id}`);
    const item = this.items.get(id);
    this.items.delete(id);
    this.emit("removed", { item });
  }
  search(text) { return [...this.items.values()].filter(i => i.matches(text)); }
  grouped() {
    const groups = {};
    for (const item of this.items.values()) {
      for (const tag of item.tags) (groups[tag] ??= []).push(item.name);
    }
    return groups;
  }
}

const store = new Store();
const off = store.on(({ type, item: { label } }) => console.log(`[${type}] ${label}`));
store.add("Rake", 12.5, ["tool", "metal"]);
store.add("Seed tray", 3);
store.add("Bean seeds", 1.2, ["seed"]);
store.add("Hoe", 15, ["tool"]);
off();
store.remove(2);
try {
  store.remove(2);
} catch (e) {
  console.log(e.name, e.message, e instanceof RangeError);
}
console.log(store.search("seed").map(i => i.label));
console.log(store.grouped());
console.log(Object.entries(store.grouped()).map(([k, v]) => `${k}:${v.length}`).sort().join(" "));
const total = [...store.items.values()].reduce((sum, { price }) => sum + price, 0);
console.log(total.toFixed(2), Math.round(total), store.items.size);
console.log(JSON.stringify([...store.items.values()].map(({ name, price }) => ({ name, price })), null, 1));
