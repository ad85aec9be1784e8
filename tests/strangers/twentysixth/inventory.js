// Stock list with reduce/filter chains
const stock = [
  { id: 1, name: 'rake', price: 12.5, qty: 4, tags: ['tool', 'metal'] },
  { id: 2, name: 'seed mix', price: 3.2, qty: 0, tags: ['seed'] },
  { id: 3, name: 'hose', price: 24, qty: 2, tags: ['tool', 'water'] },
  { id: 4, name: 'fern', price: 7.75, qty: 10, tags: [] },
];

const total = stock.reduce((sum, { price, qty }) => sum + price * qty, 0);
console.log(`Total: ${total.toFixed(2)}`);
const byTag = stock.reduce((acc, item) => {
  for (const tag of item.tags) (acc[tag] ||= []).push(item.name);
  return acc;
}, {});
console.log(byTag);
console.log(Object.entries(byTag).map(([tag, names]) => `${tag.padEnd(6, '.')}${names.length}`));
const { name: first, ...others } = stock[0];
console.log(first, Object.keys(others));
const cheap = stock.filter(({ price }) => price < 10).map(i => ({ ...i, price: i.price * 2 }));
console.log(cheap);
console.log(stock.some(i => i.qty === 0), stock.every(i => i.price > 3), stock.find(i => i.id === 9)?.name);
const sorted = [...stock].sort((a, b) => b.price - a.price || a.name.localeCompare(b.name));
console.table && console.log(sorted.map(i => i.name).join(' > '));
const index = new Map(stock.map(i => [i.name, i]));
console.log(index.size, index.get('hose').price, index.has('spade'));
const update = (name, delta) => {
  const item = index.get(name);
  if (!item) throw new RangeError(`no ${name}`);
  if (item.qty + delta < 0) throw new Error('not enough ' + name);
  item.qty += delta;
  return item.qty;
};
for (const [n, d] of [['rake', -3], ['hose', -5], ['spade', 1]]) {
  try { console.log(n, update(n, d)); }
  catch (e) { console.log(`${e.name}: ${e.message}`, e instanceof RangeError); }
}
console.log(stock.flatMap(i => i.tags).filter((t, i, all) => all.indexOf(t) === i));
console.log(JSON.stringify(stock[3]), JSON.parse('{"a":[1,2,{"b":null}]}').a[2].b);
const grouped = Object.groupBy ? 'new' : 'old';
console.log(typeof grouped, Math.max(...stock.map(s => s.price)), [3, 1, 10].sort(), [3, 1, 10].sort((a, b) => a - b));
console.log("%s costs %d", first, 12.5);
