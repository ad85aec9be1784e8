class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError("abstract");
    this.name = name;
  }
  area() { throw new Error("not implemented"); }
  static compare(a, b) { return a.area() - b.area(); }
  get label() { return `${this.name}: ${this.area().toFixed(2)}`; }
}
class Circle extends Shape {
  constructor(r) { super("circle"); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
  set diameter(d) { this.r = d / 2; }
  get diameter() { return this.r * 2; }
}
class Square extends Shape {
  constructor(side) { super("square"); this.side = side; }
  area() { return this.side ** 2; }
}
class Cube extends Square {
  area() { return super.area() * 6; }
  volume() { return this.side ** 3; }
}
try { new Shape("x"); } catch (e) { console.log(e.name, e.message); }
const shapes = [new Circle(2), new Square(3), new Cube(1.5)];
shapes[0].diameter = 3;
shapes.sort(Shape.compare);
shapes.forEach((s, i) => console.log(i, s.label, s.constructor.name));
console.log(shapes);
const total = shapes.reduce((sum, s) => sum + s.area(), 0);
console.log(total.toFixed(3), shapes.find(s => s.volume)?.volume());
const groups = shapes.reduce((acc, s) => {
  const k = s instanceof Square ? "square" : "other";
  return { ...acc, [k]: [...(acc[k] || []), s.name] };
}, {});
console.log(groups);
console.log(Object.entries(groups).map(([k, v]) => `${k}=${v.length}`).join("&"));
