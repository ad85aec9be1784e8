class Shape { area() { throw new Error('not done'); } describe() { return `${this.constructor.name} of area ${this.area().toFixed(2)}`; } }
class Circle extends Shape { constructor(r) { super(); this.r = r; } area() { return Math.PI * this.r ** 2; } }
class Rect extends Shape { constructor(w, h) { super(); Object.assign(this, { w, h }); } area() { return this.w * this.h; } }
console.log(new Rect(2, 3).describe());
