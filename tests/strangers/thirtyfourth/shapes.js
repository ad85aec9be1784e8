'use strict';

class Shape {
  #name;
  static made = 0;

  constructor(name) {
    this.#name = name;
    Shape.made++;
  }

  get name() {
    return this.#name;
  }

  area() {
    throw new Error('area() is not written for ' + this.name);
  }

  toString() {
    return `${this.name} with area ${this.area().toFixed(2)}`;
  }

  static compare(a, b) {
    return a.area() - b.area();
  }
}

class Circle extends Shape {
  constructor(radius) {
    super('circle');
    this.radius = radius;
  }

  area() {
    return Math.PI * this.radius ** 2;
  }
}

class Rect extends Shape {
  constructor(w, h, name = 'rectangle') {
    super(name);
    this.w = w;
    this.h = h;
  }

  area() {
    return this.w * this.h;
  }

  scale(k) {
    this.w *= k;
    this.h *= k;
    return this;
  }
}

class Square extends Rect {
  constructor(side) {
    super(side, side, 'square');
  }

  set side(value) {
    if (value <= 0) throw new RangeError('side must be positive');
    this.w = this.h = value;
  }

  get side() {
    return this.w;
  }
}

const shapes = [new Circle(2), new Rect(3, 5), new Square(4)];
shapes.sort(Shape.compare);
for (const s of shapes) console.log(String(s));
console.log(shapes);
const sq = shapes.find(s => s instanceof Square);
sq.side = 2;
console.log(sq.side, sq.area(), sq.scale(3).area(), `${sq}`);
try {
  sq.side = -1;
} catch (e) {
  console.log(e.name, '-', e.message, e instanceof RangeError);
}
try {
  new Shape('blob').toString();
} catch ({ message }) {
  console.log(message);
} finally {
  console.log('made', Shape.made);
}
console.log(sq instanceof Shape, sq.constructor.name, typeof Square, sq.hasOwnProperty('w'));
const sum = shapes.map(s => s.area()).reduce((a, b) => a + b);
console.log(sum.toPrecision(5));
