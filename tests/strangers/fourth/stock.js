const stock = [
  { name: 'trowel', price: 4.5, qty: 10 },
  { name: 'twine', price: 1.2, qty: 25 },
  { name: 'tray', price: 2.75, qty: 0 },
];

function total(items) {
  let sum = 0;
  for (const { price, qty } of items) sum += price * qty;
  return sum;
}

function pad(value, width) {
  return String(value).padStart(width);
}

console.log('item'.padEnd(10) + pad('price', 8) + pad('qty', 5));
stock.forEach((item, i) => {
  console.log(`${(i + 1 + '. ' + item.name).padEnd(10)}${pad(item.price.toFixed(2), 8)}${pad(item.qty, 5)}`);
});
const missing = stock.filter(s => !s.qty).map(s => s.name.toUpperCase());
console.log('Order:', missing.join(', ') || 'nothing');
console.log(total(stock), total([]).toFixed(1));
const sorted = [...stock].sort((a, b) => b.price - a.price || a.name.localeCompare(b.name));
console.log(sorted[0], sorted.map(({ name }) => name));
const byName = stock.reduce((acc, s) => ({ ...acc, [s.name]: s.qty }), {});
console.log(byName, Object.keys(byName).length, 'twine' in byName, byName.rake ?? 0);
delete byName.tray;
console.log(JSON.stringify(byName), Object.entries(byName));
