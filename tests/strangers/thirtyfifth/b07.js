class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError("Shape is abstract");
    this.name = name;
  }
  area() { throw new Error("not there: area"); }
  toString() { return `${this.name} of ${this.area().toFixed(1)}`; }
  static compare(a, b) { return a.area() - b.area(); }
}
class Circle extends Shape {
  constructor(r) { super("circle"); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
  get diameter() { return this.r * 2; }
  set diameter(d) { this.r = d / 2; }
}
class Rect extends Shape {
  constructor(w, h = w) { super(w === h ? "square" : "rectangle"); Object.assign(this, { w, h }); }
  area() { return this.w * this.h; }
}
class Odd extends Shape { constructor() { super("odd"); } }
const shapes = [new Circle(2), new Rect(3), new Rect(2, 4.5)];
shapes.sort(Shape.compare).forEach((s, i) => console.log(`${i}: ${s}`));
shapes[2].diameter = 10;
console.log(shapes[2].r, shapes);
try { new Shape("x"); } catch (e) { console.log(e.name + ": " + e.message); }
try { console.log(`${new Odd()}`); } catch (e) { console.log(String(e)); }
console.log(Object.getPrototypeOf(shapes[0]) === Circle.prototype, shapes[0].hasOwnProperty("r"));
