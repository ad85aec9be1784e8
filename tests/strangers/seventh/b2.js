const orders = [
  { id: 1, item: "rake", price: 12.5, qty: 2 },
  { id: 2, item: "hose", price: 30, qty: 1 },
  { id: 3, item: "rake", price: 12.5, qty: 1 },
];
const byItem = orders.reduce((acc, o) => {
  acc[o.item] = acc[o.item] || { qty: 0, sum: 0 };
  acc[o.item].qty += o.qty;
  acc[o.item].sum += o.price * o.qty;
  return acc;
}, {});
for (const [item, { qty, sum }] of Object.entries(byItem)) {
  console.log(`${item.padEnd(8)}${String(qty).padStart(3)}${sum.toFixed(2).padStart(9)}`);
}
const total = orders.map(o => o.price * o.qty).reduce((a, b) => a + b, 0);
console.log("Total", total, orders.some(o => o.qty > 1), orders.every(o => o.price > 20));
const { item, ...rest } = orders[0];
console.log(item, rest);
const sorted = [...orders].sort((a, b) => b.price - a.price || a.id - b.id);
console.log(sorted.map(o => o.id).join(","));
console.log(orders.find(o => o.id === 2)?.item ?? "none", orders.findIndex(o => o.id === 9));
