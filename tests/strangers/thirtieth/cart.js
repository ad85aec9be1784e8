class Product {
  constructor(name, price, category) {
    this.name = name;
    this.price = price;
    this.category = category;
  }
  static fromString(text) {
    const [name, price, category = 'misc'] = text.split(',').map(s => s.trim());
    return new Product(name, parseFloat(price), category);
  }
}

class Cart {
  constructor() { this.items = new Map(); }
  add(product, quantity = 1) {
    const current = this.items.get(product.name) || { product, quantity: 0 };
    current.quantity += quantity;
    this.items.set(product.name, current);
    return this;
  }
  remove(name) {
    if (!this.items.delete(name)) {
      console.warn(`${name} is not in the cart`);
    }
    return this;
  }
  get total() {
    let sum = 0;
    for (const { product, quantity } of this.items.values()) sum += product.price * quantity;
    return sum;
  }
  byCategory() {
    return [...this.items.values()].reduce((groups, { product, quantity }) => {
      const { category, price } = product;
      groups[category] = (groups[category] ?? 0) + price * quantity;
      return groups;
    }, {});
  }
  *[Symbol.iterator]() {
    for (const [name, entry] of this.items) yield `${entry.quantity}x ${name}`;
  }
}

const products = ['rake, 12.5, tools', 'seeds, 0.99, plants', 'pot, 3', 'fern,7.25,plants'].map(Product.fromString);
const [rake, seeds, pot, fern] = products;
const cart = new Cart();
cart.add(rake).add(seeds, 10).add(pot, 2).add(seeds, 5).remove('spade').remove('pot');
console.log([...cart]);
console.log(cart.total.toFixed(2), cart.byCategory());
const discounts = [
  { name: 'bulk', applies: c => [...c.items.values()].some(e => e.quantity >= 10), percent: 5 },
  { name: 'big', applies: c => c.total > 100, percent: 10 },
];
const active = discounts.filter(d => d.applies(cart));
const final = active.reduce((sum, d) => sum * (1 - d.percent / 100), cart.total);
console.log(active.map(d => d.name), Math.round(final * 100) / 100);
const expensive = products.filter(p => p.price > 5).sort((a, b) => b.price - a.price).map(({ name }) => name.toUpperCase());
console.log(expensive, products.map(p => p.category).filter((c, i, all) => all.indexOf(c) === i));
console.log(new Set(products.map(p => p.category)).size, fern, JSON.stringify(pot));
const grouped = products.reduce((m, p) => m.set(p.category, [...(m.get(p.category) || []), p.name]), new Map());
for (const [c, names] of [...grouped].sort()) console.log(c.padEnd(8, '.'), names.join(' & '));
