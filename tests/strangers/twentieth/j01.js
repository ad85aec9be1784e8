// Seed shop: objects and arrays
const stock = [
  { name: "carrot", price: 1.25, amount: 40 },
  { name: "pea", price: 0.95, amount: 12 },
  { name: "bean", price: 1.1, amount: 0 },
];

function showStock(items) {
  console.log("Item".padEnd(12) + "Price".padStart(8) + "Amount".padStart(8));
  console.log("-".repeat(28));
  for (const { name, price, amount } of items) {
    console.log(name.padEnd(12) + price.toFixed(2).padStart(8) + String(amount).padStart(8));
  }
}

function sell(items, name, howMany) {
  const item = items.find((i) => i.name === name);
  if (!item) {
    return "No such item";
  }
  if (item.amount < howMany) {
    return `Only ${item.amount} left`;
  }
  item.amount -= howMany;
  return `Sold ${howMany} for ${(item.price * howMany).toFixed(2)}`;
}

showStock(stock);
[["carrot", 5], ["bean", 1], ["leek", 2], ["pea", 12]].forEach(([name, n]) => console.log(sell(stock, name, n)));
showStock(stock);
const total = stock.reduce((sum, i) => sum + i.price * i.amount, 0);
console.log("Total value:", total);
const empty = stock.filter((i) => i.amount === 0).map((i) => i.name);
console.log(empty.length ? `Empty: ${empty.join(", ")}` : "none");
const cheapest = [...stock].sort((a, b) => a.price - b.price)[0];
console.log(cheapest, stock.length);
console.log(stock.some((i) => i.amount > 30), stock.every((i) => i.price > 1));
const byName = Object.fromEntries(stock.map((i) => [i.name, i]));
console.log(Object.keys(byName), byName.pea.price);
