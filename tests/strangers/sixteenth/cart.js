class Product {
  constructor(name, price, { taxed = true, stock = Infinity } = {}) {
    Object.assign(this, { name, price, taxed, stock });
  }
  get gross() {
    return this.taxed ? this.price * 1.2 : this.price;
  }
}

class Cart {
  static #next = 1;
  #lines = [];
  constructor(customer) {
    this.id = Cart.#next++;
    this.customer = customer;
  }
  add(product, quantity = 1) {
    const line = this.#lines.find(l => l.product === product);
    const wanted = (line?.quantity ?? 0) + quantity;
    if (wanted > product.stock) {
      throw new RangeError(`Only ${product.stock} of ${product.name} left`);
    }
    if (line) line.quantity = wanted;
    else this.#lines.push({ product, quantity });
    return this;
  }
  remove(name) {
    const index = this.#lines.findIndex(({ product }) => product.name === name);
    if (index === -1) return false;
    this.#lines.splice(index, 1);
    return true;
  }
  get total() {
    return this.#lines.reduce((sum, { product, quantity }) => sum + product.gross * quantity, 0);
  }
  *[Symbol.iterator]() {
    for (const { product: { name }, quantity } of this.#lines) yield [name, quantity];
  }
  toString() {
    return `Cart ${this.id} of ${this.customer}: ${[...this].map(([n, q]) => `${q}x ${n}`).join(', ') || 'empty'}`;
  }
}

const bulbs = new Product('bulbs', 0.5, { stock: 20 });
const spade = new Product('spade', 12.99);
const book = new Product('book', 8, { taxed: false });
const cart = new Cart('Juno');
console.log(String(cart));
cart.add(bulbs, 12).add(spade).add(book, 2);
try {
  cart.add(bulbs, 9);
} catch (e) {
  console.log(e.name + ': ' + e.message);
}
console.log(`${cart}`);
console.log(cart.total.toFixed(2), cart.remove('spade'), cart.remove('axe'), cart.total.toFixed(2));
for (const [name, quantity] of cart) console.log(name.padEnd(8, '.'), quantity);
console.log(new Cart('Moss').id, Object.keys(cart));
