const thermo = {
  _c: 20,
  get fahrenheit() { return this._c * 9 / 5 + 32; },
  set fahrenheit(f) { this._c = (f - 32) * 5 / 9; },
  toString() { return `${this._c.toFixed(1)}°C`; }
};
thermo.fahrenheit = 50;
console.log(thermo._c, thermo.fahrenheit, String(thermo), `${thermo}`);

class Plot {
  static #made = 0;
  static UNIT = "m";
  #w; #h;
  constructor(w, h) { this.#w = w; this.#h = h; Plot.#made++; }
  get area() { return this.#w * this.#h; }
  set width(v) {
    if (v <= 0) throw new RangeError("width must be positive");
    this.#w = v;
  }
  static get made() { return Plot.#made; }
  static square(n) { return new this(n, n); }
  #secret() { return this.#w + "x" + this.#h; }
  describe() { return `${this.#secret()} ${Plot.UNIT} = ${this.area}`; }
  static { console.log("class ready"); }
}
const p = Plot.square(4);
p.width = 6;
console.log(p.describe(), Plot.made, p.area);
try { p.width = -1; } catch ({ name, message }) { console.log(name, message); }
class Raised extends Plot {
  height = 0.4;
  describe() { return super.describe() + ` raised ${this.height}`; }
  get volume() { return this.area * this.height; }
}
const r = new Raised(2, 3);
console.log(r.describe(), r.volume.toFixed(2), Raised.square(2).volume, r.constructor.name);
console.log(r instanceof Plot, Object.getPrototypeOf(r) === Raised.prototype);
const frozen = Object.freeze({ a: 1, inner: { b: 2 } });
frozen.inner.b = 3;
console.log(frozen, Object.isFrozen(frozen));
function* ids(prefix, n = 3) { for (let i = 1; i <= n; i++) yield `${prefix}-${i}`; return "end"; }
const it = ids("bed", 2);
console.log(it.next(), it.next(), it.next(), it.next());
console.log([...ids("x")], Math.max(...[1, 5, 3]), (({ a, b = 2 }) => a + b)({ a: 1 }));
label: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === 2) continue label; if (i === 2) break label; console.log(i, j); } }
