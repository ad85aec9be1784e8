class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError('Shape is abstract');
    this.name = name;
  }
  area() { throw new Error(`${this.constructor.name} has no area`); }
  toJSON() { return { type: this.name, area: +this.area().toFixed(2) }; }
  static compare(a, b) { return a.area() - b.area(); }
  get [Symbol.toStringTag]() { return 'Shape'; }
}
class Circle extends Shape {
  static UNIT = new Circle(1);
  constructor(r) { super('circle'); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
  get diameter() { return this.r * 2; }
  set diameter(d) { this.r = d / 2; }
}
class Polygon extends Shape {
  constructor(...sides) { super(`${sides.length}-gon`); this.sides = sides; }
  get perimeter() { return this.sides.reduce((a, b) => a + b); }
}
class Rect extends Polygon {
  constructor(w, h = w) { super(w, h, w, h); Object.assign(this, { w, h }); }
  area() { return this.w * this.h; }
  valueOf() { return this.area(); }
}
const Serializable = (Base) => class extends Base {
  serialize() { return JSON.stringify(this); }
};
class Named extends Serializable(Rect) {
  constructor(label, ...args) { super(...args); this.label = label; }
  toString() { return `${this.label} (${this.w}x${this.h})`; }
}
try { new Shape('x'); } catch (e) { console.log(e.message); }
try { new Polygon(1, 2, 3).area(); } catch (e) { console.log(e.message); }
const shapes = [new Rect(3), new Circle(1), new Named('bed', 2, 5), Circle.UNIT];
shapes.sort(Shape.compare);
console.log(shapes.map(s => s.name + ':' + s.area().toFixed(1)).join(' '));
console.log(JSON.stringify(shapes[0]), shapes.at(-1).serialize(), String(shapes[3]));
const c = new Circle(2);
c.diameter = 10;
console.log(c.r, c.diameter, c instanceof Shape, c instanceof Rect, Object.getPrototypeOf(c) === Circle.prototype);
console.log(new Rect(2, 3) > new Rect(1, 5), new Rect(2) + 1, new Rect(2, 4).perimeter);
console.log(c, new Rect(1));
const proto = { hello() { return 'I am ' + this.name; } };
const obj = Object.create(proto, {});
obj.name = 'Fern';
console.log(obj.hello(), Object.keys(obj), 'hello' in obj, obj.hasOwnProperty('hello'));
function Plant(name) { this.name = name; }
Plant.prototype.grow = function (by) { this.height = (this.height || 0) + by; return this; };
console.log(new Plant('ivy').grow(2).grow(3));
const account = { _b: 10, get balance() { return this._b; }, set balance(v) { if (v < 0) throw new RangeError('negative'); this._b = v; } };
account.balance += 5;
try { account.balance = -1; } catch (e) { console.log(e.name, account.balance); }
const keys = Symbol('keys');
const tagged = { [keys]: 1, plain: 2 };
console.log(Object.keys(tagged), tagged[keys], keys.toString(), typeof keys);
