class Shape {
  constructor(name) { this.name = name; }
  area() { throw new Error('not implemented'); }
  toString() { return `${this.name}: ${this.area().toFixed(2)}`; }
}
class Circle extends Shape {
  constructor(r) { super('circle'); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
  constructor(w, h, name = 'rect') { super(name); Object.assign(this, { w, h }); }
  area() { return this.w * this.h; }
  static square(s) { return new Rect(s, s, 'square'); }
}
const shapes = [new Circle(1), new Rect(2, 3), Rect.square(4), new Shape('nothing')];
for (const s of shapes) {
  try { console.log(String(s)); }
  catch ({ message }) { console.log('failed:', message); }
}
const biggest = shapes.slice(0, 3).reduce((a, b) => a.area() > b.area() ? a : b);
console.log(biggest.name, biggest instanceof Shape, biggest.constructor === Rect);
