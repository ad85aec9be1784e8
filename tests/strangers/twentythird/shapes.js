'use strict';

class Shape {
  static #count = 0;
  #name;
  constructor(name) {
    if (new.target === Shape) throw new TypeError('Shape is abstract');
    this.#name = name;
    Shape.#count++;
  }
  get name() { return this.#name; }
  static get count() { return Shape.#count; }
  area() { throw new Error(`${this.name} has no area`); }
  scale(k) { return Object.assign(Object.create(Object.getPrototypeOf(this)), this); }
  toString() { return `${this.name} (${this.area().toFixed(2)})`; }
  static compare(a, b) { return a.area() - b.area(); }
}
class Circle extends Shape {
  constructor(r) { super('circle'); this.r = r; }
  area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
  constructor(w, h = w) { super(w === h ? 'square' : 'rectangle'); Object.assign(this, { w, h }); }
  area() { return this.w * this.h; }
  get diagonal() { return Math.hypot(this.w, this.h); }
  set width(v) { if (v <= 0) throw new RangeError('width must be positive'); this.w = v; }
  get width() { return this.w; }
}
class Blob2 extends Shape { constructor() { super('blob'); } }

const shapes = [new Circle(1), new Rect(3, 4), new Rect(2)];
shapes.sort(Shape.compare).forEach((s, i) => console.log(`${i + 1}. ${s}`));
console.log(shapes.map(String).join(' | '));
console.log(Shape.count, shapes[2].constructor.name, shapes[2] instanceof Shape);
for (const bad of [() => new Shape('x'), () => new Blob2().area(), () => { shapes[2].width = -1; }, () => null.area]) {
  try { bad(); } catch (e) {
    if (e instanceof TypeError) console.log('TypeError');
    else console.log(`${e.name}: ${e.message}`);
  }
}
const { w, h, ...others } = shapes[2];
console.log(w, h, others, Object.keys(shapes[2]), 'w' in shapes[2]);
console.log(shapes.find(s => s.area() > 3)?.name ?? 'none', shapes.findIndex(s => s.name === 'blob'));
const total = shapes.reduce((sum, { area }) => sum + (typeof area === 'function' ? 1 : 0), 0);
console.log(total, shapes.some(s => s instanceof Circle), shapes.every(s => s.area() > 4));
shapes[2].width = 6;
console.log(shapes[2].area(), shapes[2].diagonal.toFixed(3), shapes[2].width);
