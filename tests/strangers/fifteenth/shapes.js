class Shape {
  constructor(name) {
    if (new.target === Shape) throw new TypeError('abstract');
    this.name = name;
  }
  area() { return 0; }
  describe() {
    return this.name + ' with area ' + this.area().toFixed(2);
  }
  static compare(a, b) { return a.area() - b.area(); }
}
class Circle extends Shape {
  constructor(r) { super('circle'); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
  constructor(w, h, name = 'rectangle') { super(name); this.w = w; this.h = h; }
  area() { return this.w * this.h; }
  get isSquare() { return this.w === this.h; }
}
class Square extends Rect {
  constructor(s) { super(s, s, 'square'); }
  describe() { return super.describe() + '!'; }
}
const shapes = [new Circle(2), new Rect(3, 4), new Square(2.5), new Circle(0.5)];
shapes.sort(Shape.compare);
for (const s of shapes) console.log(s.describe());
const total = shapes.map(s => s.area()).reduce((a, b) => a + b);
console.log('total', Math.round(total * 100) / 100);
const groups = shapes.reduce((g, s) => {
  (g[s.name] = g[s.name] || []).push(s);
  return g;
}, {});
for (const name of Object.keys(groups).sort()) console.log(name.padEnd(10), groups[name].length);
console.log(shapes.filter(s => s instanceof Rect).map(s => s.isSquare));
try { new Shape('x'); } catch (e) { console.log(e.message, e instanceof TypeError); }
const bySize = ([...shapes]).sort((a, b) => b.area() - a.area());
console.log(bySize[0] === shapes[shapes.length - 1], bySize.length);
console.log(new Square(2));
