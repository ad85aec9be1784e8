class Inventory {
  #items = new Map();
  static MAX = 5;
  add(name, { qty = 1, price = 0 } = {}) {
    if (this.#items.size >= Inventory.MAX && !this.#items.has(name)) throw new RangeError(`full: ${name}`);
    const old = this.#items.get(name) ?? { qty: 0, price };
    this.#items.set(name, { ...old, qty: old.qty + qty, price });
    return this;
  }
  get total() { return [...this.#items.values()].reduce((s, { qty, price }) => s + qty * price, 0); }
  *[Symbol.iterator]() { for (const [k, v] of this.#items) yield { name: k, ...v }; }
  toString() { return [...this].map(({ name, qty }) => `${name} x${qty}`).join(", "); }
}
const inv = new Inventory();
inv.add("pea", { qty: 3, price: 0.5 }).add("bean").add("pea", { price: 0.75 });
console.log(`${inv}`, inv.total.toFixed(2));
for (const { name, qty = 0 } of inv) console.log(name.padEnd(6, "."), String(qty).padStart(3));
["a", "b", "c"].forEach((n, i) => { try { inv.add(n, { qty: i }); } catch (e) { console.log(e.name, e.message); } });
try { inv.add("d"); } catch ({ name, message }) { console.log(name, "-", message); }
const groups = Object.entries([..."banana"].reduce((m, c) => ({ ...m, [c]: (m[c] || 0) + 1 }), {})).sort(([, a], [, b]) => b - a);
console.log(groups, Object.fromEntries(groups));
