class LRU {
  constructor(limit) {
    this.limit = limit;
    this.map = new Map();
    this.hits = 0;
  }
  get(key) {
    if (!this.map.has(key)) return undefined;
    const v = this.map.get(key);
    this.map.delete(key);
    this.map.set(key, v);
    this.hits++;
    return v;
  }
  set(key, value) {
    if (this.map.has(key)) this.map.delete(key);
    else if (this.map.size >= this.limit) {
      const oldest = this.map.keys().next().value;
      this.map.delete(oldest);
      console.log('drop', oldest);
    }
    this.map.set(key, value);
  }
  toString() { return [...this.map].map(([k, v]) => `${k}=${v}`).join(' '); }
}
const c = new LRU(2);
c.set('a', 1); c.set('b', 2);
c.get('a');
c.set('c', 3);
console.log(String(c), c.get('b'), c.hits, c.map.size);

class Matrix {
  constructor(rows) { this.rows = rows; }
  static identity(n) { return new Matrix(Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => +(i === j)))); }
  times({ rows: other }) {
    return new Matrix(this.rows.map(r => other[0].map((_, j) => r.reduce((s, v, k) => s + v * other[k][j], 0))));
  }
  pow(n) {
    let r = Matrix.identity(this.rows.length), b = this;
    for (; n > 0; n >>= 1, b = b.times(b)) if (n & 1) r = r.times(b);
    return r;
  }
  get T() { return new Matrix(this.rows[0].map((_, i) => this.rows.map(r => r[i]))); }
  equals(o) { return this.rows.every((r, i) => r.every((v, j) => v === o.rows[i][j])); }
}
const m = new Matrix([[1, 1], [1, 0]]);
console.log(m.pow(30).rows[0][1], m.T.equals(m), Matrix.identity(2).rows);
const trie = {};
for (const w of ['pea', 'pear', 'peat', 'kale']) {
  let node = trie;
  for (const ch of w) node = node[ch] ??= {};
  node.end = true;
}
const find = (prefix) => {
  let node = trie;
  for (const ch of prefix) { node = node[ch]; if (!node) return []; }
  const out = [];
  (function walk(n, s) {
    if (n.end) out.push(s);
    for (const k of Object.keys(n)) if (k !== 'end') walk(n[k], s + k);
  })(node, prefix);
  return out;
};
console.log(find('pea'), find('x'), find(''));
const tally = (xs, by = x => x) => xs.reduce((t, x) => { const k = by(x); t[k] = (t[k] || 0) + 1; return t; }, {});
console.log(tally([3, 1, 3]), tally(['pea', 'kale', 'bean'], w => w.length));
const wait = ms => new Promise(r => setTimeout(r, ms));
(async () => {
  const results = [];
  for (const ms of [3, 1, 2]) results.push(wait(ms).then(() => ms));
  console.log(await Promise.all(results), await Promise.race(results.map((p, i) => p.then(() => i))));
  try { await Promise.any([]); } catch (e) { console.log(e.constructor.name); }
})();
