'use strict';
const stock = [
  { id: 1, name: 'Pea', price: 0.5, tags: ['green', 'cheap'] },
  { id: 2, name: 'Rose', price: 7.25, tags: ['flower'] },
  { id: 3, name: 'Kale', price: 1.2, tags: [] },
];
const total = stock.reduce((sum, { price }) => sum + price, 0);
console.log('Total: ' + total.toFixed(2));
console.log(stock.map(s => s.name).join(', '));
const byName = Object.fromEntries(stock.map(s => [s.name.toLowerCase(), s]));
console.log(Object.keys(byName), byName['rose'].price);
console.log(stock.findLast(s => s.price < 2).name, stock.find(s => s.id === 9));
const cheap = stock.filter(({ price }) => price < 2).sort((a, b) => b.price - a.price);
for (const [i, s] of cheap.entries()) console.log(`${i + 1}. ${s.name.padEnd(6)} ${s.price.toFixed(2).padStart(6)}`);
const groups = {};
for (const { name, tags } of stock) for (const tag of tags) (groups[tag] ||= []).push(name);
console.log(groups);
console.log(JSON.stringify(stock[0]), JSON.stringify({ a: [1, { b: null }], c: 'x' }, null, 2));
const copy = { ...stock[1], price: 8, note: undefined };
console.log(copy, copy.note ?? 'none', copy.tags?.length, copy.size?.width);
const [first, , third = 'x', ...others] = [1, 2, 3, 4, 5];
console.log(first, third, others);
const words = 'the fern and the rose and the elm'.split(' ');
const counts = new Map();
for (const w of words) counts.set(w, (counts.get(w) || 0) + 1);
console.log([...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])));
console.log(new Array(3).fill(0), Array.from({ length: 3 }, (_, i) => i * i), [3, 1, 10].sort(), [...'abc'].reverse().join(''));
console.log([1, 2, 3, 4].fill(0, 2), [1, [2, [3]]].flat(), [1, 2].flatMap(x => [x, x * 10]));
console.log(typeof null, typeof undefined, typeof (() => 1), NaN === NaN, 0.1 + 0.2, 7 / 2 | 0, 2 ** 10, -7 % 3);
console.log(parseInt('42px'), Number('4x'), +'3.5', String(null), `${[1, 2]}`, [] + 'x', '5' * '2', '5' + 2);
