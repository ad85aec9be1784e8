class Shape {
  constructor(name) { this.name = name; }
  area() { return 0; }
  describe() { return `${this.name} with area ${this.area().toFixed(2)}`; }
}
class Circle extends Shape {
  constructor(r) { super("circle"); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
  constructor(w, h) { super("rect"); this.w = w; this.h = h; }
  area() { return this.w * this.h; }
  get isSquare() { return this.w === this.h; }
  static unit() { return new Rect(1, 1); }
}
const shapes = [new Circle(1), new Rect(2, 3), Rect.unit()];
shapes.forEach(s => console.log(s.describe()));
console.log(shapes[2].isSquare, shapes[1] instanceof Shape, shapes[0]);
console.log(shapes.map(s => s.area()).reduce((a, b) => Math.max(a, b)));
