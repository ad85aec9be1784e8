const inventory = new Map([['rake', { qty: 4, price: 12.5 }], ['hoe', { qty: 0, price: 9 }], ['fork', { qty: 7, price: 15.25 }]]);
function sell(item, qty) {
  const entry = inventory.get(item);
  if (!entry) throw new TypeError(`no item called "${item}"`);
  if (entry.qty < qty) throw new RangeError(`only ${entry.qty} of ${item}`);
  entry.qty -= qty;
  return entry.price * qty;
}
const sales = [['rake', 2], ['hoe', 1], ['spade', 1], ['fork', 7]];
let income = 0;
const errors = [];
for (const [item, qty] of sales) {
  try {
    income += sell(item, qty);
  } catch (e) {
    errors.push(`${e.name}: ${e.message}`);
  }
}
console.log(income, errors);
for (const [name, { qty, price }] of inventory) console.log(`${name}: ${qty} @ ${price.toFixed(2)}`);
console.log(inventory);
inventory.forEach((v, k) => { if (v.qty === 0) inventory.delete(k); });
console.log([...inventory.keys()], inventory.has('hoe'));
const a = new Set([1, 2, 3, 4]), b = new Set([3, 4, 5]);
console.log(new Set([...a].filter(x => b.has(x))), [...new Set([...a, ...b])], [...a].filter(x => !b.has(x)));
const byFirst = ['pea', 'plum', 'bean', 'beet', 'corn'].reduce((acc, w) => { (acc[w[0]] ||= []).push(w); return acc; }, {});
console.log(byFirst);
const sleep = (ms, v) => new Promise(r => setTimeout(() => r(v), ms));
async function main() {
  console.log('start');
  const r = await sleep(10, 'slept');
  console.log(r);
  const all = await Promise.all([sleep(30, 'c'), sleep(10, 'a'), 5]);
  console.log(all);
  try { await Promise.reject(new Error('nope')); } catch (e) { console.log(e.message); } finally { console.log('finally'); }
  return 'end';
}
main().then(console.log).catch(e => console.log('never', e));
console.log('after main');
setTimeout(() => console.log('timeout 0'), 0);
Promise.resolve(1).then(v => v + 1).then(v => { console.log('then', v); });
