const prices = { apple: 0.5, bread: 1.2, milk: 0.9 };
const order = ["apple", "milk", "apple", "cheese", "bread"];
let bill = 0;
const lines = {};
for (let i = 0; i < order.length; i++) {
  const item = order[i];
  if (!(item in prices)) {
    console.log("No " + item + " today");
    continue;
  }
  lines[item] = (lines[item] ?? 0) + 1;
  bill += prices[item];
}
for (const [name, n] of Object.entries(lines)) {
  console.log(`${n} x ${name.padEnd(8, ".")} ${(n * prices[name]).toFixed(2)}`);
}
console.log("Total", bill.toFixed(2), "VAT", (bill * 0.2).toFixed(2));
const cheapest = Object.keys(prices).reduce((a, b) => (prices[a] < prices[b] ? a : b));
console.log(cheapest, Object.values(prices).map(p => Math.round(p * 100)).join(" "));
