class Matrix {
  constructor(rows) { this.rows = rows.map((r) => [...r]); }
  static identity(n) { return new Matrix(Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => +(i === j)))); }
  times(o) { return new Matrix(this.rows.map((r) => o.rows[0].map((_, j) => r.reduce((s, x, k) => s + x * o.rows[k][j], 0)))); }
  get transposed() { return new Matrix(this.rows[0].map((_, j) => this.rows.map((r) => r[j]))); }
  equals(o) { return this.rows.every((r, i) => r.every((x, j) => x === o.rows[i][j])); }
  toString() { return this.rows.map((r) => r.join(" ")).join("\n"); }
}
const m = new Matrix([[1, 2], [3, 4]]);
console.log(String(m.times(m)), m.times(Matrix.identity(2)).equals(m), `${m.transposed}`);
const state = { count: 0, items: [], nested: { deep: { value: 1 } } };
const reducer = (s, action) => {
  switch (action.type) {
    case "inc": return { ...s, count: s.count + (action.by ?? 1) };
    case "push": return { ...s, items: [...s.items, action.item] };
    case "deep": return { ...s, nested: { ...s.nested, deep: { ...s.nested.deep, value: action.value } } };
    default: return s;
  }
};
const history = [{ type: "inc" }, { type: "inc", by: 5 }, { type: "push", item: "a" }, { type: "deep", value: 9 }, { type: "?" }]
  .reduce((all, action) => [...all, reducer(all.at(-1), action)], [state]);
console.log(history.length, history[5], state.count, history[4] === history[5], history[0].nested === history[3].nested);
const memo = {};
const grid = (r, c) => memo[`${r},${c}`] ??= r === 0 || c === 0 ? 1 : grid(r - 1, c) + grid(r, c - 1);
console.log(grid(5, 5), Object.keys(memo).length);
const walk = (node, visit, depth = 0) => { visit(node, depth); (node.children ?? []).forEach((c) => walk(c, visit, depth + 1)); };
const tree = { name: "root", children: [{ name: "a", children: [{ name: "a1" }, { name: "a2" }] }, { name: "b" }] };
const lines = [];
walk(tree, ({ name }, d) => lines.push("  ".repeat(d) + name));
console.log(lines.join("\n"));
let depthSum = 0; walk(tree, (_, d) => { depthSum += d; });
console.log(depthSum, JSON.stringify(tree).length, JSON.stringify({ a: [1, { b: undefined, c: null, d: () => 1 }] }));
console.log(JSON.stringify({ x: 1, y: [1, 2] }, null, 2));
const text = `line one
line two

line four`;
console.log(text.split("\n").map((l, i) => `${String(i + 1).padStart(2)}| ${l}`).join("\n"));
const csv = "name,age\nAsh,12\nBryn,15";
const [head, ...body] = csv.split("\n").map((r) => r.split(","));
const records = body.map((r) => Object.fromEntries(r.map((v, i) => [head[i], isNaN(v) ? v : Number(v)])));
console.log(records, records.reduce((t, { age }) => t + age, 0));
const wordsByLen = text.split(/\s+/).reduce((acc, w) => { const k = w.length; acc[k] = acc[k] || []; if (!acc[k].includes(w)) acc[k].push(w); return acc; }, {});
console.log(wordsByLen);



const timers = []; const later = (f) => timers.push(f);
for (let i = 0; i < 3; i++) later(() => i * i);
console.log(timers.map((f) => f()));
let x = 5; const addX = (y) => x + y; x = 10; console.log(addX(1));
const obj = { v: 1, inc() { this.v++; return this; }, get double() { return this.v * 2; } };
obj.inc().inc(); console.log(obj.v, obj.double);
const counterBy = (key) => (list) => list.reduce((m, o) => m.set(o[key], (m.get(o[key]) || 0) + 1), new Map());
console.log(counterBy("t")([{ t: "a" }, { t: "b" }, { t: "a" }]));
const a = [1, 2, 3, 4, 5, 6];
console.log(a.slice(-2), a.slice(1, -1), a.splice(-2, 1), a, a.indexOf(9), a.find((n) => n > 3), a.findLast((n) => n < 3), a.some(Number.isInteger), a.at(-2));

const b = [..."hello"]; b.splice(1, 0, "E", "F"); b.unshift("<"); b.push(">"); console.log(b.join(""), b.length);
console.log([..."banana"].filter((c, i, all) => all.indexOf(c) === i), [[3, "c"], [1, "a"]].sort(), ["10", "9", "1"].sort((p, q) => p - q));
console.log(Math.max(), Math.max(...[]), Math.min(1, "0"), Math.round(-0.5), Math.round(1.4999), (1.005).toFixed(2), (1e21).toString(), 123456789.123.toFixed(1), (0).toFixed(2), (-1.5).toFixed(0));
console.log(typeof typeof 1, !!NaN, [] + 1, [2] * [3], "b" + "a" + +"a" + "a", 0.1 + 0.7, 9007199254740993, 5 % 0, -5 % 2, 2 ** -1, 7 / 2 | 0, ~~-3.7, 1 << 31, 5 & 6, 5 ^ 6, -1 >>> 28);
outer: while (true) { let n = 0; while (true) { if (++n > 3) break outer; if (n % 2) continue; console.log("n", n); } }
do { x -= 4; } while (x > 0); console.log(x);
console.log(((a, b = a * 2, ...c) => [a, b, c.length])(1), ((a, b = 2) => a + b)(1, undefined), (({ p = 1, q } = {}) => [p, q])());
