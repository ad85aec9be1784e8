// Shopping basket with discounts
const catalogue = {
  apple: { price: 0.3, category: "fruit" },
  bread: { price: 1.2, category: "bakery" },
  cheese: { price: 2.75, category: "dairy" },
};

class Basket {
  #items = new Map();

  add(name, qty = 1) {
    if (!(name in catalogue)) throw new Error(`Unknown item: ${name}`);
    this.#items.set(name, (this.#items.get(name) ?? 0) + qty);
    return this;
  }

  get total() {
    let sum = 0;
    for (const [name, qty] of this.#items) {
      sum += catalogue[name].price * qty;
    }
    return sum;
  }

  discount() {
    const t = this.total;
    if (t > 10) return t * 0.1;
    else if (t > 5) return t * 0.05;
    return 0;
  }

  toString() {
    return [...this.#items.entries()].map(([n, q]) => `${q}x ${n}`).join(", ");
  }
}

const b = new Basket();
b.add("apple", 6).add("bread").add("cheese", 2).add("apple");
console.log(String(b));
console.log(`Total: ${b.total.toFixed(2)}`);
console.log(`Discount: ${b.discount().toFixed(2)}`);
try {
  b.add("pear");
} catch (err) {
  console.log(err.message);
} finally {
  console.log("done");
}
const byCategory = Object.entries(catalogue).reduce((acc, [name, { category, price }]) => {
  (acc[category] ||= []).push(`${name}@${price}`);
  return acc;
}, {});
console.log(byCategory);
console.log(Object.keys(catalogue).sort((p, q) => catalogue[q].price - catalogue[p].price));
