class Item {
  constructor(name, price, qty = 1) {
    this.name = name;
    this.price = price;
    this.qty = qty;
  }
  get total() { return this.price * this.qty; }
  toString() { return `${this.name} x${this.qty}`; }
}

class Cart {
  constructor() { this.items = []; }
  add(item) { this.items.push(item); return this; }
  sum() { return this.items.reduce((acc, it) => acc + it.total, 0); }
}

const cart = new Cart();
cart.add(new Item("seed", 2.5, 4)).add(new Item("pot", 3));
console.log(cart.sum());
console.log(String(cart.items[0]));
for (const it of cart.items) console.log(it.name, it.total.toFixed(2));
