const orders = [
  { id: 'A-17', customer: { name: 'Ada', city: null }, lines: [{ sku: 'seed', qty: 10, price: 0.35 }, { sku: 'pot', qty: 2, price: 4.5 }], placed: '2026-03-01' },
  { id: 'B-02', customer: { name: 'Ben', city: 'Fernhollow' }, lines: [], placed: '2026-02-11', coupon: 'SPRING' },
  { id: 'A-03', customer: { name: 'Cy' }, lines: [{ sku: 'rake', qty: 1, price: 19.99 }], placed: '2026-03-01', coupon: 'NOPE' },
];
const COUPONS = Object.freeze({ SPRING: { percent: 10 }, BULK: { percent: 20 } });

class CouponError extends Error {
  constructor(code) {
    super(`unknown coupon "${code}"`);
    this.name = 'CouponError';
    this.code = code;
  }
}

function total({ lines, coupon, id }) {
  const sum = lines.reduce((t, { qty, price }) => t + qty * price, 0);
  if (!coupon) return sum;
  const found = COUPONS[coupon];
  if (found === undefined) throw new CouponError(coupon);
  return sum * (1 - found.percent / 100);
}

for (const [i, order] of orders.entries()) {
  const { id, customer: { name, city = 'somewhere' } } = order;
  let t;
  try {
    t = total(order);
  } catch (err) {
    if (!(err instanceof CouponError)) throw err;
    console.log(`${i + 1}. ${err.name}: ${err.message} (${err.code})`);
    continue;
  } finally {
    order.done = true;
  }
  console.log(`${i + 1}. ${id.padEnd(6)}${name.padStart(5)} ${city} €${t.toFixed(2)}`);
}
const bySku = new Map();
orders.flatMap(o => o.lines).forEach(({ sku, qty }) => bySku.set(sku, (bySku.get(sku) || 0) + qty));
console.log([...bySku].sort(([a], [b]) => a.localeCompare(b)));
console.log(Object.fromEntries(bySku), Object.entries(orders[1]).length);
const sorted = [...orders].sort((a, b) => a.placed.localeCompare(b.placed) || b.id.localeCompare(a.id));
console.log(sorted.map(o => o.id).join(' < '));
console.log(orders.some(o => o.coupon?.startsWith('NO')), orders.every(o => o.done), orders.find(o => o.lines.length === 0)?.id, orders.findLast(o => o.lines.length)?.id);
console.log(orders.map(o => o.customer?.city?.toUpperCase() ?? '-'));
const clone = structuredClone(orders[0]);
clone.lines[0].qty = 99;
console.log(orders[0].lines[0].qty, { ...orders[0].customer, name: 'Zoe' });
COUPONS_TEST: {
  try { COUPONS.SPRING = 1; } catch (e) { console.log('frozen'); }
}
console.log(Object.isFrozen(COUPONS), 'SPRING' in COUPONS, delete orders[1].coupon, orders[1]);
const summary = orders.reduce((acc, { placed, lines }) => ({ ...acc, [placed]: (acc[placed] ?? 0) + lines.length }), {});
console.log(summary);
console.table && console.log(JSON.stringify(summary, null, 2));
