class LRU {
  constructor(limit) { this.limit = limit; this.map = new Map(); }
  get(key) {
    if (!this.map.has(key)) return undefined;
    const value = this.map.get(key);
    this.map.delete(key);
    this.map.set(key, value);
    return value;
  }
  set(key, value) {
    this.map.delete(key);
    this.map.set(key, value);
    if (this.map.size > this.limit) this.map.delete(this.map.keys().next().value);
    return this;
  }
  get keys() { return [...this.map.keys()]; }
}
const c = new LRU(2);
c.set("a", 1).set("b", 2);
c.get("a");
c.set("c", 3);
console.log(c.keys, c.get("b"), c.map.size);

class Matrix {
  constructor(rows) { this.rows = rows; }
  static identity(n) { return new Matrix([...Array(n)].map((_, i) => [...Array(n)].map((_, j) => +(i === j)))); }
  times({ rows: other }) {
    return new Matrix(this.rows.map(r => other[0].map((_, j) => r.reduce((s, x, k) => s + x * other[k][j], 0))));
  }
  toString() { return this.rows.map(r => r.join(" ")).join("\n"); }
}
const m = new Matrix([[1, 2], [3, 4]]);
console.log(`${m.times(m)}`);
console.log(String(m.times(Matrix.identity(2))) === String(m));

const machine = {
  state: "idle",
  transitions: {
    idle: { start() { this.state = "running"; return "started"; } },
    running: { stop() { this.state = "idle"; return "stopped"; }, pause() { this.state = "paused"; } },
    paused: {},
  },
  dispatch(action, ...args) {
    const fn = this.transitions[this.state][action];
    if (!fn) return `cannot ${action} when ${this.state}`;
    return fn.call(this, ...args) ?? "ok";
  },
};
for (const a of ["stop", "start", "pause", "start"]) console.log(a, "->", machine.dispatch(a), machine.state);
