// a small game of life, an inventory and a parser
const SIZE = 5;
let grid = Array.from({ length: SIZE }, () => new Array(SIZE).fill(0));
[[1, 2], [2, 2], [3, 2]].forEach(([r, c]) => { grid[r][c] = 1; });
function neighbours(g, r, c) {
  let n = 0;
  for (let dr = -1; dr <= 1; dr++)
    for (let dc = -1; dc <= 1; dc++)
      if ((dr || dc) && g[r + dr] && g[r + dr][c + dc]) n++;
  return n;
}
function step(g) {
  return g.map((row, r) => row.map((cell, c) => {
    const n = neighbours(g, r, c);
    return n === 3 || (cell && n === 2) ? 1 : 0;
  }));
}
const show = (g) => g.map((row) => row.map((c) => (c ? "#" : ".")).join("")).join("\n");
console.log(show(grid));
grid = step(grid);
console.log(show(grid));
class Item {
  static next = 1;
  constructor(name, price, qty = 1) {
    this.id = Item.next++;
    this.name = name;
    this.price = price;
    this.qty = qty;
  }
  get total() { return +(this.price * this.qty).toFixed(2); }
  toString() { return `#${this.id} ${this.name} x${this.qty}`; }
}
class Cart {
  #items = [];
  add(item) {
    const found = this.#items.find((i) => i.name === item.name);
    if (found) found.qty += item.qty;
    else this.#items.push(item);
    return this;
  }
  remove(name) {
    const at = this.#items.findIndex((i) => i.name === name);
    if (at < 0) throw new Error(`no ${name}`);
    return this.#items.splice(at, 1)[0];
  }
  get sum() { return this.#items.reduce((s, i) => s + i.total, 0); }
  *[Symbol.iterator]() { yield* this.#items; }
}
const cart = new Cart();
cart.add(new Item("pea", 1.25, 4)).add(new Item("kale", 2)).add(new Item("pea", 1.25));
for (const item of cart) console.log(String(item), item.total);
console.log(cart.sum, cart.remove("kale") + "", [...cart].length);
try { cart.remove("rose"); } catch ({ message }) { console.log("Error:", message); }
const words = "the cat the dog a cat the".split(" ");
const counts = words.reduce((m, w) => m.set(w, (m.get(w) || 0) + 1), new Map());
const sorted = [...counts].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
sorted.forEach(([w, n], i) => console.log(`${i + 1}. ${w.padEnd(5)}${"*".repeat(n)}`));
const tokens = "12+3*(4-1)".match(/\d+|[-+*/()]/g);
let pos = 0;
function expr() { let v = term(); while (tokens[pos] === "+" || tokens[pos] === "-") { const op = tokens[pos++]; const t = term(); v = op === "+" ? v + t : v - t; } return v; }
function term() { let v = factor(); while (tokens[pos] === "*" || tokens[pos] === "/") { if (tokens[pos++] === "*") v *= factor(); else v /= factor(); } return v; }
function factor() { if (tokens[pos] === "(") { pos++; const v = expr(); pos++; return v; } return Number(tokens[pos++]); }
console.log(tokens, expr());
const graph = { a: ["b", "c"], b: ["d"], c: ["d"], d: [] };
const visit = (n, seen = new Set()) => { if (seen.has(n)) return seen; seen.add(n); graph[n].forEach((m) => visit(m, seen)); return seen; };
console.log([...visit("a")].join(">"));
const queue = [["a", 0]], dist = { a: 0 };
for (const [n, d] of queue) for (const m of graph[n]) if (!(m in dist)) { dist[m] = d + 1; queue.push([m, d + 1]); }
console.log(dist);
const debounce = (f) => { let last; return (...a) => { if (last !== a[0]) { last = a[0]; f(...a); } }; };
const log = debounce((x) => console.log("got", x)); log(1); log(1); log(2);
const { a: first, ...others } = dist; console.log(first, others, Object.entries(others).map(([k, v]) => k + v));
let s = ""; for (let i = 0; i < 3; i++) { for (let j = 0; j <= i; j++) s += j; s += i < 2 ? "/" : ""; } console.log(s);
const matrix = [[1, 2], [3, 4]]; const t = matrix[0].map((_, c) => matrix.map((row) => row[c])); console.log(t, matrix.flat().reduce((a, b) => a * b));
var x = 1; { var x = 2; } (function () { var x = 3; })(); console.log(x, typeof y, [1, 2, 3].at(-1), "abc".split("").reverse().join(""));
