// Inventory manager – class style with semicolons
class Product {
  constructor(name, price, quantity) {
    this.name = name;
    this.price = price;
    this.quantity = quantity;
  }

  getTotal() {
    return this.price * this.quantity;
  }

  toString() {
    return `${this.name}: $${this.price.toFixed(2)} x ${this.quantity}`;
  }
}

class Inventory {
  constructor() {
    this.products = [];
    this.log = new Map();
  }

  add(product) {
    const existing = this.products.find((p) => p.name === product.name);
    if (existing) {
      existing.quantity += product.quantity;
    } else {
      this.products.push(product);
    }
    this.log.set(product.name, (this.log.get(product.name) || 0) + 1);
    return this;
  }

  remove(name) {
    const index = this.products.findIndex((p) => p.name === name);
    if (index === -1) {
      throw new Error(`Product ${name} not found`);
    }
    return this.products.splice(index, 1)[0];
  }

  get value() {
    return this.products.reduce((sum, p) => sum + p.getTotal(), 0);
  }

  report() {
    console.log('--- Report ---');
    this.products
      .slice()
      .sort((a, b) => b.getTotal() - a.getTotal())
      .forEach((p, i) => {
        console.log(`${String(i + 1).padStart(2, '0')}. ${p}`);
      });
    console.log('Value:', this.value);
  }
}

const inv = new Inventory();
inv.add(new Product('Spade', 12.5, 4)).add(new Product('Seeds', 0.99, 100)).add(new Product('Spade', 12.5, 2));
inv.report();
try {
  console.log(inv.remove('Seeds').name);
  inv.remove('Hose');
} catch (error) {
  console.error('stderr only');
  console.log(`Caught: ${error.message}`);
} finally {
  inv.report();
}
console.log(inv.products[0]);
console.log(inv.log);
console.log(Object.keys(inv), inv.products.length, JSON.stringify(inv.products));
