class Item {
  static made = 0;
  #secret = 1;
  constructor(name, price = 1) { this.name = name; this.price = price; Item.made++; }
  get label() { return `${this.name} (£${this.price.toFixed(2)})`; }
  set cost(v) { if (v < 0) throw new Error('negative'); this.price = v; }
  total(n = 1) { return this.price * n + this.#secret - 1; }
  static compare(a, b) { return a.price - b.price || a.name.localeCompare(b.name); }
  toString() { return this.label; }
}
class Plant extends Item {
  constructor(name, price, height) { super(name, price); this.height = height; this.tags = []; }
  total(n) { return super.total(n) * 1.1; }
  tag(...names) { this.tags.push(...names); return this; }
  get tall() { return this.height > 10; }
}
const items = [new Item('pot', 3), new Plant('fern', 2.5, 20).tag('green', 'old'), new Item('bag')];
items.sort(Item.compare);
console.log(items.map(String), Item.made, items[1] instanceof Plant, items.map((i) => i.constructor.name));
console.log(`${items[0]}`, items[1].total(2).toFixed(2), items[1].tags, items[1].tall, items.find((i) => i.name === 'nope'));
items[0].cost = 9; try { items[0].cost = -1; } catch (e) { console.log(e.message); }
console.log(items[0].price, items.reduce((sum, { price }) => sum + price, 0), Object.keys(items[0]));
console.log(items[0], items[1]);
const makeCounter = (start = 0) => { let n = start; return { inc: () => ++n, dec: () => --n, get: () => n, reset() { n = start; } }; };
const c1 = makeCounter(5), c2 = makeCounter(); c1.inc(); c1.inc(); c2.dec(); console.log(c1.get(), c2.get()); c1.reset(); console.log(c1.get());
const inventory = { apples: 3, pears: 0, figs: 12 };
for (const fruit in inventory) { if (!inventory[fruit]) { console.log('no', fruit); continue; } console.log(fruit, inventory[fruit]); }
const sorted = Object.entries(inventory).sort(([, a], [, b]) => b - a).map(([k, v]) => `${k}:${v}`).join(' '); console.log(sorted);
delete inventory.pears; inventory['red beet'] = 1; inventory.figs += 2; console.log(inventory, 'pears' in inventory, inventory.pears, inventory?.['red beet'], Object.values(inventory).some((v) => v > 10));
const grid = []; for (let r = 0; r < 3; r++) { grid[r] = []; for (let c = 0; c < 3; c++) grid[r][c] = (r + c) % 2 ? '#' : '.'; } console.log(grid.map((r) => r.join('')).join('\n'));
const t = grid[0].map((_, i) => grid.map((row) => row[i])); console.log(t[0], t.length);
const words = 'the cat the dog a cat the end'.split(' '); const count = {}; for (const w of words) count[w] = (count[w] || 0) + 1; console.log(count, Object.keys(count).sort((a, b) => count[b] - count[a] || (a < b ? -1 : 1)).slice(0, 2));
const group = words.reduce((g, w) => { const k = w.length; if (!g[k]) g[k] = []; g[k].push(w); return g; }, {}); console.log(group);
function fib(n, memo = {}) { if (n in memo) return memo[n]; if (n <= 2) return 1; return (memo[n] = fib(n - 1, memo) + fib(n - 2, memo)); } console.log(fib(50));
const isPal = (s) => { const k = s.toLowerCase().replace(/[^a-z]/g, ''); return k === [...k].reverse().join(''); }; console.log(isPal('A man, a plan!'), isPal('Never odd or even'));
const bubble = (a) => { const x = a.slice(); let swapped; do { swapped = false; for (let i = 0; i < x.length - 1; i++) if (x[i] > x[i + 1]) { [x[i], x[i + 1]] = [x[i + 1], x[i]]; swapped = true; } } while (swapped); return x; }; console.log(bubble([5, 2, 9, 1]));
const binary = (n) => (n < 2 ? String(n) : binary(Math.floor(n / 2)) + (n % 2)); console.log(binary(10), parseInt('1010', 2), (255).toString(16).toUpperCase());
let s = ''; for (let i = 1; i <= 15; i++) s += (i % 15 === 0 ? 'FizzBuzz' : i % 5 === 0 ? 'Buzz' : i % 3 === 0 ? 'Fizz' : i) + (i < 15 ? ',' : ''); console.log(s);
const stack = []; const ok = (str) => { const pairs = { ')': '(', ']': '[' }; const st = []; for (const ch of str) { if ('(['.includes(ch)) st.push(ch); else if (ch in pairs && st.pop() !== pairs[ch]) return false; } return st.length === 0; }; console.log(ok('([])'), ok('(]'), ok('(('));
console.log([..."banana"].filter((ch, i, arr) => arr.indexOf(ch) === i).join(''), 'x=1;y=2'.split(';').map((p) => p.split('=')), [1, 2, 3].map((n) => n.toString().padStart(3)), Math.min(...[3, 1, 2]), [10, 1, 5].sort((a, b) => a - b)[0], ['b', 'a', 'C'].sort(), ['b', 'a', 'C'].sort((x, y) => x.toLowerCase() < y.toLowerCase() ? -1 : 1));
const sum = (...n) => n.reduce((a, b) => a + b, 0); console.log(sum(), sum(1, 2, 3), sum(...[4, 5]));
const user = { name: 'Ash', address: { city: 'Fernhollow' }, hi() { return 'I am ' + this.name; } }; const { name, address: { city }, age = 11 } = user; console.log(name, city, age, user.hi(), { ...user, name: 'Bay' }.name);
console.log(typeof user.hi, Array.isArray([]), Number.isInteger(5.0), isNaN('x'), [1, 2, 3].at(-1), 'abc'.split('').map((c) => c.charCodeAt(0).toString(2)).join(' '), 0.1 * 3, 5 % 2 === 1, 2 ** -1, ~~3.7, 5 & 3, 5 | 3, 5 ^ 3, 1 << 4, -9 >> 1);
