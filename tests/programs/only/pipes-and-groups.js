const inventory = [
  { name: 'apple', type: 'fruit', qty: 3, price: 0.5 },
  { name: 'leek', type: 'veg', qty: 0, price: 1.2 },
  { name: 'pear', type: 'fruit', qty: 10, price: 0.75 },
  { name: 'kale', type: 'veg', qty: 4, price: 1 },
];

const groupBy = (list, key) => list.reduce((acc, item) => {
  const k = typeof key === 'function' ? key(item) : item[key];
  acc[k] = acc[k] || [];
  acc[k].push(item);
  return acc;
}, {});

const pipe = (...fns) => (x) => fns.reduce((v, f) => f(v), x);
const prop = (name) => (obj) => obj[name];
const sumBy = (f) => (list) => list.reduce((t, x) => t + f(x), 0);

const groups = groupBy(inventory, 'type');
for (const [type, items] of Object.entries(groups)) {
  console.log(type, items.map(prop('name')), sumBy((i) => i.qty * i.price)(items));
}
console.log(Object.keys(groupBy([1, 2, 3, 4, 5], (n) => (n % 2 ? 'odd' : 'even'))));
const inStock = pipe(
  (list) => list.filter(({ qty }) => qty > 0),
  (list) => list.sort((a, b) => b.qty - a.qty),
  (list) => list.map((i) => i.name.toUpperCase()),
);
console.log(inStock([...inventory]), inventory[0].name);
const [first, second = 'none', ...rest] = inStock(inventory);
console.log(first, second, rest.length);
const { name, ...others } = inventory[0];
console.log(name, others);
const merged = { ...others, qty: 99, extra: { nested: [1, { deep: true }] } };
console.log(merged);
console.log(merged.extra.nested[1].deep, merged?.missing?.thing, 'qty' in merged, merged.hasOwnProperty('price'));
const counter = (() => {
  let count = 0;
  return { up: () => ++count, get value() { return count; } };
})();
counter.up(); counter.up();
console.log(counter.value);
const memo = (fn, cache = new Map()) => (n) => {
  if (!cache.has(n)) cache.set(n, fn(n));
  return cache.get(n);
};
let calls = 0;
const square = memo((n) => { calls++; return n * n; });
console.log(square(4), square(4), calls);
const unique = [...new Set([3, 1, 3, 2, 1])];
console.log(unique, Math.max(...unique), unique.indexOf(2), unique.at(-1));
const matrix = [[1, 2, 3], [4, 5, 6]];
const transposed = matrix[0].map((_, i) => matrix.map((row) => row[i]));
console.log(transposed, matrix.flat().some((n) => n > 5), Array.from('abc', (c) => c.charCodeAt(0)));
const str = 'The quick brown fox';
console.log(str.split(' ').map((w) => w[0]).join(''), str.slice(-3), str.substring(4, 9), str.search(/brown/), str.replace(/o/g, '0'));
console.log(str.match(/\b\w{5}\b/g), /^the/i.test(str), 'a1b22'.match(/\d+/)[0], '2024-05-06'.split('-').map(Number));
label: for (let i = 0; i < 3; i++) {
  for (let j = 0; j < 3; j++) {
    if (j === 2) continue label;
    if (i === 2) break label;
    console.log(i, j);
  }
}
var x = 1;
{
  let x = 2;
  console.log(x);
}
console.log(x, typeof undefinedThing, [] == false, null == undefined, NaN === NaN, '5' - 2, '5' + 2, !!'', 1 < 2 < 3);
console.log([1, 2, 3].toString(), String([1, [2, 3]]), String({}), `${null} ${undefined}`, [undefined, null].join('-'));
