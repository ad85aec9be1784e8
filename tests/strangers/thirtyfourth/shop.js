// The shop at the garden gate
const prices = { tomatoes: 2.5, beans: 1.2, 'green tea': 4 };
const basket = [];
function addToBasket(name, amount = 1) {
  if (!(name in prices)) {
    console.log(`Sorry, no ${name}.`);
    return false;
  }
  const found = basket.find((line) => line.name === name);
  if (found) {
    found.amount += amount;
  } else {
    basket.push({ name, amount });
  }
  return true;
}
const total = () => basket.reduce((sum, { name, amount }) => sum + prices[name] * amount, 0);
addToBasket('beans', 3);
addToBasket('gnome');
addToBasket('green tea');
addToBasket('beans');
console.log(basket);
for (const { name, amount } of basket) {
  const cost = (prices[name] * amount).toFixed(2);
  console.log(name.padEnd(12, '.') + String(amount).padStart(3) + cost.padStart(8));
}
console.log('Total:', total(), `(${Math.round(total() * 0.9 * 100) / 100} with card)`);
const { beans, ...others } = prices;
console.log(beans, others, Object.entries(others).map(([k, v]) => `${k}=${v}`).join('&'));
delete prices.beans;
console.log(Object.keys(prices).length, prices.beans, prices.beans ?? 'sold out', prices?.beans?.toFixed(2));
const sorted = [...basket].sort((a, b) => b.amount - a.amount || a.name.localeCompare(b.name));
console.log(sorted.map(b => b.name), basket[0] === sorted[0]);
console.log(JSON.stringify(basket), JSON.stringify({ total: total(), items: basket.length }, null, 2));
