class EventEmitter {
  constructor() { this.handlers = {}; }
  on(name, fn) { (this.handlers[name] ||= []).push(fn); return this; }
  off(name, fn) { this.handlers[name] = (this.handlers[name] || []).filter((f) => f !== fn); }
  emit(name, ...args) { for (const fn of this.handlers[name] ?? []) fn.apply(this, args); return (this.handlers[name] ?? []).length > 0; }
  once(name, fn) {
    const wrap = (...args) => { this.off(name, wrap); fn(...args); };
    return this.on(name, wrap);
  }
}
class Thermometer extends EventEmitter {
  #t = 20;
  constructor(limit) { super(); this.limit = limit; }
  set value(t) {
    const old = this.#t;
    this.#t = t;
    if (t !== old) this.emit("change", t, t - old);
    if (t > this.limit && old <= this.limit) this.emit("hot", t);
  }
  get value() { return this.#t; }
}
const log = [];
const thermo = new Thermometer(30);
const onChange = (t, d) => log.push(`${t} (${d > 0 ? "+" : ""}${d})`);
thermo.on("change", onChange).once("hot", (t) => log.push("HOT " + t));
for (const t of [20, 25, 31, 29, 35]) thermo.value = t;
thermo.off("change", onChange);
thermo.value = 5;
console.log(log, thermo.value, thermo.emit("nothing"));
const memo = (fn, cache = new Map()) => (n) => { if (!cache.has(n)) cache.set(n, fn(n)); return cache.get(n); };
const fib = memo((n) => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(50), [1, 2, 3].map(fib));
const compose = (...fns) => (x) => fns.reduceRight((v, f) => f(v), x);
const add = (a) => (b) => a + b;
console.log(compose(add(1), (x) => x * 2, Math.abs)(-5));
const counter = (() => { let c = 0; return { inc: () => ++c, dec() { return --c; }, get value() { return c; } }; })();
counter.inc(); counter.inc(); counter.dec();
console.log(counter.value, Object.keys(counter));
const { a, b: { c: deep = 9, ...others }, ...rest } = { a: 1, b: { x: 2, y: 3 }, z: 4, w: 5 };
console.log(a, deep, others, rest);
function* range(from, to, step = 1) { for (let i = from; step > 0 ? i < to : i > to; i += step) yield i; }
console.log([...range(0, 10, 3)], Array.from(range(3, 0, -1), (x) => x * x), Math.max(...range(1, 5)));
console.log(JSON.stringify({ list: [1, "two", null, undefined, true], nested: { d: 1.5 } }), JSON.stringify([..."ab"], null, 1));
