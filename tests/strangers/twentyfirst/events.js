class Emitter {
  constructor() { this.handlers = {}; }
  on(name, fn) { (this.handlers[name] = this.handlers[name] || []).push(fn); return this; }
  off(name, fn) { this.handlers[name] = (this.handlers[name] ?? []).filter(h => h !== fn); }
  once(name, fn) {
    const wrap = (...args) => { this.off(name, wrap); fn(...args); };
    return this.on(name, wrap);
  }
  emit(name, ...args) {
    const list = this.handlers[name] || [];
    list.slice().forEach(h => h(...args));
    return list.length > 0;
  }
}
class Thermostat extends Emitter {
  #t = 20;
  static LIMITS = { low: 16, high: 24 };
  get temp() { return this.#t; }
  set temp(v) {
    if (typeof v !== "number" || Number.isNaN(v)) throw new TypeError("not a number: " + v);
    const old = this.#t;
    this.#t = v;
    if (old !== v) this.emit("change", { old, now: v });
    const { low, high } = Thermostat.LIMITS;
    if (v < low) this.emit("cold", low - v);
    else if (v > high) this.emit("hot", v - high);
  }
}
const t = new Thermostat();
const log = [];
t.on("change", ({ old, now }) => log.push(`${old}->${now}`)).once("hot", by => console.log(`too hot by ${by}`));
t.on("cold", by => { console.log("cold", by); t.temp = Thermostat.LIMITS.low; });
t.temp = 26;
t.temp += 1;
t.temp = 27;
t.temp = 10;
try { t.temp = "x"; } catch (err) { console.log(`${err.name}: ${err.message}`); }
console.log(log.join(" | "), t.temp, t.emit("nothing"), t instanceof Emitter);
const parts = Object.entries({ a: 1, b: [2, 3], c: { d: 4 } });
for (const [key, value] of parts) {
  const kind = Array.isArray(value) ? "list" : typeof value;
  console.log(`${key.padEnd(3)}${kind.padStart(8)} ${JSON.stringify(value)}`);
}
const pipeline = [s => s.trim(), s => s.split(/\s+/), ws => ws.map(w => w[0].toUpperCase() + w.slice(1)), ws => ws.join(" ")];
console.log(pipeline.reduce((acc, f) => f(acc), "  hello big   world "));
const zip = (...rows) => rows[0].map((_, i) => rows.map(r => r[i]));
console.log(zip([1, 2, 3], "abc".split(""), [true, false, null]));
const groupBy = (list, f) => list.reduce((m, x) => { const k = f(x); (m.get(k) ?? m.set(k, []).get(k)).push(x); return m; }, new Map());
console.log(groupBy([1, 2, 3, 4, 5], n => n % 2 ? "odd" : "even"));
