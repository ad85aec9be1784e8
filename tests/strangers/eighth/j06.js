class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError('abstract');
    this.name = name;
  }
  area() { return 0; }
  toString() { return `${this.name} with area ${this.area().toFixed(2)}`; }
  static compare(a, b) { return a.area() - b.area(); }
}
class Circle extends Shape {
  constructor(r) { super('circle'); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rectangle extends Shape {
  constructor(w, h) { super('rectangle'); Object.assign(this, { w, h }); }
  area() { return this.w * this.h; }
  set width(w) { if (w <= 0) throw new RangeError('width'); this.w = w; }
  get width() { return this.w; }
}
class Square extends Rectangle {
  constructor(s) { super(s, s); this.name = 'square'; }
}
const shapes = [new Circle(1.5), new Rectangle(4, 2.5), new Square(3)];
shapes.sort(Shape.compare);
shapes.forEach((s) => console.log(`${s}`));
shapes[0].width = 2;
console.log(shapes[0].area(), shapes[0] instanceof Rectangle, shapes[2] instanceof Rectangle, shapes[2].constructor.name);
try { new Shape('x'); } catch (e) { console.log(e instanceof TypeError, e.message); }
try { shapes[0].width = -1; } catch (e) { console.log(e.message); }
console.log(shapes.reduce((t, { name }) => t + name.length, 0));
