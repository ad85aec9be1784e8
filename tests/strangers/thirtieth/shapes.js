class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError('Shape is abstract');
    this.name = name;
  }
  area() { throw new Error('not implemented'); }
  describe() { return `${this.constructor.name} ${this.name}: ${this.area().toFixed(2)}`; }
  static compare(a, b) { return a.area() - b.area(); }
}
class Circle extends Shape {
  constructor(name, r) { super(name); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
  constructor(name, w, h) { super(name); this.w = w; this.h = h; }
  area() { return this.w * this.h; }
  set width(w) { if (w < 0) throw new RangeError('negative'); this.w = w; }
  get width() { return this.w; }
}
class Square extends Rect {
  constructor(name, s) { super(name, s, s); }
  describe() { return super.describe() + ' (square)'; }
}
const shapes = [new Circle('pond', 2), new Rect('bed', 3, 4), new Square('tile', 3.2)];
for (const s of shapes) console.log(s.describe());
console.log(shapes.sort(Shape.compare).map(s => s.name));
try { new Shape('x'); } catch (e) { console.log(e.name, e.message); }
class Odd extends Shape { }
try { new Odd('y').area(); } catch (e) { console.log(e.message, e instanceof Error); }
shapes[0].width = 10;
try { shapes[0].width = -1; } catch ({ name, message }) { console.log(name, message); }
console.log(shapes[0] instanceof Rect, shapes[0].width, shapes[0]);
console.log(Object.getPrototypeOf(shapes[0]) === Square.prototype, Square.name, shapes.map(s => s.constructor === Circle));
const mixin = { shout() { return this.name.toUpperCase(); } };
Object.assign(Shape.prototype, mixin);
console.log(shapes[1].shout());
const { name, ...dims } = shapes[1];
console.log(name, dims);
class ShapeError extends Error { constructor(m, shape) { super(m); this.name = 'ShapeError'; this.shape = shape; } }
try { throw new ShapeError('too big', shapes[2]); } catch (e) { console.log(`${e}`, e.shape.name, e instanceof ShapeError); }
