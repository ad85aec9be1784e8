const orders = [
  { id: 1, customer: 'Ana', items: [{ what: 'bulbs', price: 3.2, qty: 10 }, { what: 'pot', price: 7.5, qty: 2 }] },
  { id: 2, customer: 'Bert', items: [{ what: 'rake', price: 18, qty: 1 }] },
  { id: 3, customer: 'Ana', items: [] },
  { id: 4, customer: 'Cleo', items: [{ what: 'bulbs', price: 3.2, qty: 40 }], coupon: { percent: 15 } },
];

const sum = (xs, f = x => x) => xs.reduce((acc, x) => acc + f(x), 0);
const groupBy = (xs, key) =>
  xs.reduce((groups, x) => {
    (groups[key(x)] ||= []).push(x);
    return groups;
  }, {});

const price = order => {
  const raw = sum(order.items, ({ price, qty }) => price * qty);
  return raw * (1 - (order.coupon?.percent ?? 0) / 100);
};

for (const [customer, list] of Object.entries(groupBy(orders, o => o.customer))) {
  console.log(`${customer.padEnd(6)}|${sum(list, price).toFixed(2).padStart(9)}|${list.map(o => '#' + o.id).join(' ')}`);
}

const counts = new Map();
orders.flatMap(o => o.items).forEach(({ what, qty }) => counts.set(what, (counts.get(what) ?? 0) + qty));
console.log([...counts].sort(([, a], [, b]) => b - a));
console.log(counts);
console.log(Object.fromEntries(counts));

const { items: [firstItem, ...others], customer: who = 'nobody', note = 'none' } = orders[0];
console.log(firstItem.what, others.length, who, note);
const copy = { ...orders[3], customer: 'Dora', coupon: undefined };
console.log(copy.customer, price(copy).toFixed(1), 'coupon' in copy, orders[3].customer);
console.log(orders.find(o => o.items.length === 0)?.id, orders.find(o => o.id > 9)?.id);
console.log(orders.some(o => o.coupon), orders.every(o => o.items.length), orders.findIndex(o => o.customer === 'Cleo'));
const best = orders.reduce((a, b) => (price(a) > price(b) ? a : b));
console.log(best.id, best.items.at(-1).what.toUpperCase());
console.log(orders.map(price).map(Math.round), Math.max(...orders.map(price)));
const sorted = orders.map(o => o.customer).filter((c, i, all) => all.indexOf(c) === i).sort().reverse();
console.log(sorted, sorted.includes('Ana'), sorted.slice(-2), sorted.concat(['Eve'], 'Fay'));
