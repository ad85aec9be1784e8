const cart = {
  items: [],
  add(name, price, qty = 1) {
    const existing = this.items.find(i => i.name === name);
    if (existing) existing.qty += qty;
    else this.items.push({ name, price, qty });
    return this;
  },
  remove(name) {
    this.items = this.items.filter(i => i.name !== name);
    return this;
  },
  get total() { return this.items.reduce((s, { price, qty }) => s + price * qty, 0); },
  print() {
    this.items.forEach(({ name, price, qty }, i) => console.log(`${i + 1}. ${name.padEnd(6)} ${qty} x ${price.toFixed(2)}`));
    console.log('Total:', this.total.toFixed(2));
  },
};
cart.add('bean', 0.5, 10).add('kale', 2.25).add('bean', 0.5);
cart.print();
cart.remove('kale').print();
const { items: [first] } = cart;
console.log(first, 'add' in cart, Object.keys(cart));
const frozen = Object.freeze({ a: 1 });
frozen.a = 2;
console.log(frozen.a, JSON.stringify(cart.items), JSON.parse('{"x":[1,{"y":null}]}').x[1].y);
