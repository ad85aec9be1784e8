class Temperature {
  static #count = 0;
  #celsius;
  constructor(c) { this.#celsius = c; Temperature.#count++; }
  get celsius() { return this.#celsius; }
  set celsius(v) { if (typeof v !== 'number' || Number.isNaN(v)) throw new TypeError('not a number'); this.#celsius = v; }
  get fahrenheit() { return this.#celsius * 9 / 5 + 32; }
  set fahrenheit(f) { this.celsius = (f - 32) * 5 / 9; }
  static from(f) { const t = new Temperature(0); t.fahrenheit = f; return t; }
  static get count() { return Temperature.#count; }
  valueOf() { return this.#celsius; }
  toJSON() { return { c: this.#celsius }; }
  [Symbol.toPrimitive](hint) { return hint === 'string' ? `${this.#celsius}°C` : this.#celsius; }
}
const t = new Temperature(20), u = Temperature.from(212);
console.log(t.fahrenheit, u.celsius, Temperature.count, t < u, t + 1, `${u}`);
try { t.celsius = 'hot'; } catch ({ name, message }) { console.log(name, message); }
console.log(JSON.stringify([t, u]));
const counter = () => { let n = 0; return { up: () => ++n, down: () => --n, get n() { return n; } }; };
const c = counter(); c.up(); c.up(); c.down(); console.log(c.n);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const pipe = (...fns) => fns.reduce((f, g) => (...a) => g(f(...a)));
console.log(compose(x => x + 1, x => x * 2)(5), pipe((a, b) => a + b, x => x * x)(2, 3));
const curry = fn => function curried(...args) { return args.length >= fn.length ? fn(...args) : (...more) => curried(...args, ...more); };
console.log(curry((a, b, c) => a + b + c)(1)(2)(3));
const memo = fn => { const cache = {}; return n => cache[n] ?? (cache[n] = fn(n)); };
const sq = memo(x => { console.log('computing', x); return x * x; }); console.log(sq(4), sq(4));
const debounceLog = []; const once = fn => { let done = false, r; return (...a) => done ? r : (done = true, r = fn(...a)); };
const init = once(() => { debounceLog.push('init'); return 42; }); init(); console.log(init(), debounceLog);
const deep = { a: { b: { c: [1, { d: 2 }] } } }; const copy = JSON.parse(JSON.stringify(deep)); copy.a.b.c[1].d = 9; console.log(deep.a.b.c[1].d, copy.a?.b?.c?.[1]?.d, deep.x?.y ?? 'none');
const { a: { b: { c: [firstC] } } } = deep; console.log(firstC);
const groups = ['apple', 'avocado', 'bean'].reduce((g, w) => ({ ...g, [w[0]]: [...(g[w[0]] || []), w] }), {}); console.log(groups);
console.log(Object.entries({ x: 1, y: 2 }).map(([k, v]) => `${k}:${v}`).join(), Object.assign({}, { p: 1 }, { q: 2 }), 'p' in { p: 1 }, delete deep.a, deep);
class Shape { area() { throw new Error(`${this.constructor.name} must implement area`); } }
class Blob extends Shape {} try { new Blob().area(); } catch (e) { console.log(e.message, e instanceof Error); }
console.log([..."hello"].map((ch, i) => i % 2 ? ch : ch.toUpperCase()).join(''), 'a,b,,c'.split(','), ' x '.trim().length, 'abcabc'.replaceAll('b', 'B'), 'x'.padStart(3, '-'));
