const inventory = [
  { name: 'rake', price: 12.5, qty: 3, tags: ['tool', 'metal'] },
  { name: 'seed pack', price: 1.99, qty: 120, tags: ['seed'] },
  { name: 'pot', price: 4, qty: 0, tags: ['clay', 'container'] },
];
const total = inventory.reduce((sum, { price, qty }) => sum + price * qty, 0);
console.log(`Total: £${total.toFixed(2)}`);
const byTag = inventory.reduce((acc, item) => {
  item.tags.forEach(tag => { (acc[tag] ??= []).push(item.name); });
  return acc;
}, {});
console.log(byTag);
const { name: firstName, tags: [mainTag, otherTag = 'none'] } = inventory[1];
console.log(firstName, mainTag, otherTag);
const sorted = [...inventory].sort((a, b) => b.price - a.price || a.name.localeCompare(b.name));
console.table(sorted.map(({ name, price }) => ({ name, price })));
console.log(sorted.map(i => i.name.padEnd(12, '.') + String(i.price).padStart(6)).join('\n'));
const inStock = inventory.filter(i => i.qty > 0).length;
console.log(inStock, inventory.some(i => i.qty === 0), inventory.every(i => i.price > 1));
console.log(inventory.map(({ tags, ...rest }) => rest));
console.log(Object.entries(byTag).map(([k, v]) => `${k}=${v.length}`).sort().join('&'));
console.log(inventory.findLast(i => i.qty > 0).name, inventory.flatMap(i => i.tags).indexOf('clay'));
console.log(structuredClone(inventory[0]).tags.toString(), Object.fromEntries(inventory.map(i => [i.name, i.qty])));
