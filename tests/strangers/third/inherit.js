class Shape {
  constructor(name) { this.name = name; }
  area() { return 0; }
  describe() { return `${this.name}: ${this.area().toFixed(1)}`; }
  static compare(a, b) { return a.area() - b.area(); }
}
class Rect extends Shape {
  constructor(w, h) { super("rect"); this.w = w; this.h = h; }
  area() { return this.w * this.h; }
}
class Circle extends Shape {
  constructor(r) { super("circle"); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
const shapes = [new Rect(2, 3), new Circle(1), new Rect(1, 1)];
shapes.sort(Shape.compare);
shapes.forEach(s => console.log(s.describe()));
console.log(shapes[0] instanceof Rect, shapes[0] instanceof Circle);
