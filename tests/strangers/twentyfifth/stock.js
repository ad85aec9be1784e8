const inventory = {
  apples: { price: 0.4, stock: 30 },
  pears: { price: 0.55, stock: 0 },
  'dried plums': { price: 3, stock: 7 },
};
function describe(name, { price, stock } = inventory[name]) {
  return `${name.padEnd(12)}|${price.toFixed(2).padStart(6)}|${String(stock).padStart(4)}`;
}
console.log(Object.keys(inventory).map((n) => describe(n)).join('\n'));
const { apples, ...others } = inventory;
console.log(Object.keys(others), 'apples' in others, apples?.price);
const cart = new Map([['apples', 3], ['dried plums', 2], ['melon', 1]]);
let bill = 0;
for (const [item, count] of cart) {
  const entry = inventory[item];
  if (!entry) { console.log(`Sorry, no ${item}.`); continue; }
  if (entry.stock < count) { console.log('Not enough', item); continue; }
  entry.stock -= count;
  bill += entry.price * count;
}
console.log(`Bill: ${bill}`, Math.round(bill * 100) / 100);
const byStock = Object.entries(inventory).sort(([, a], [, b]) => b.stock - a.stock);
byStock.forEach(([name, { stock }], i) => console.log(i, name, stock));
const summary = Object.fromEntries(byStock.map(([name, { price, stock }]) => [name, +(price * stock).toFixed(2)]));
console.log(summary);
console.log(JSON.stringify(summary, null, 2));
const copy = structuredClone(inventory);
copy.pears.stock = 99;
console.log(inventory.pears.stock, copy.pears.stock);
delete copy.apples;
console.log(copy);
console.table && console.log('ok');
switch (true) {
  case bill > 100: console.log('large'); break;
  case bill > 5: console.log('medium'); break;
  default: console.log('small');
}
