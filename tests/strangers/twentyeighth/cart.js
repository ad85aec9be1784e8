// Order form of the garden shop
const prices = { beans: 1.2, peas: 0.95, kale: 1.1 };
const cart = [
  { item: "beans", qty: 3 },
  { item: "kale", qty: 1 },
  { item: "peas", qty: 4, gift: true },
];

function subtotal({ item, qty }) {
  return prices[item] * qty;
}

const total = cart.map(subtotal).reduce((a, b) => a + b, 0);
console.log("Total:", total.toFixed(2));

const lines = cart.map((line, i) => `${i + 1}. ${line.item.padEnd(8, ".")}${String(line.qty).padStart(3)} ${subtotal(line).toFixed(2).padStart(7)}${line.gift ? " *" : ""}`);
console.log(lines.join("\n"));

const { beans, ...others } = prices;
console.log(beans, others);
const updated = cart.map(line => line.item === "kale" ? { ...line, qty: line.qty + 1 } : line);
console.log(updated[1], cart[1].qty, updated[0] === cart[0]);
const grouped = cart.reduce((acc, { item, qty }) => {
  const size = qty > 2 ? "many" : "few";
  (acc[size] ||= []).push(item);
  return acc;
}, {});
console.log(grouped);
console.log(Object.entries(prices).sort(([, a], [, b]) => b - a).map(([k]) => k));
console.log(cart.some(l => l.gift), cart.every(l => l.qty > 0), cart.find(l => l.qty > 3)?.item, cart.find(l => l.qty > 30)?.item);
const cheapest = Math.min(...Object.values(prices));
console.log(cheapest, Object.keys(prices).find(k => prices[k] === cheapest));
for (const key in prices) {
  if (!prices.hasOwnProperty(key)) continue;
  console.log("%s costs %d", key, prices[key]);
}
console.log(JSON.stringify(cart));
console.log(JSON.stringify({ total, when: null, list: [1, "two", undefined], none: undefined }, null, 2));
