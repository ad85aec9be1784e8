class Shape {
    constructor(name) {
        if (new.target === Shape) {
            throw new TypeError('Shape is abstract');
        }
        this.name = name;
    }
    area() { throw new Error('not implemented'); }
    describe() { return `${this.name}: ${this.area().toFixed(2)}`; }
}
class Circle extends Shape {
    constructor(r) { super('Circle'); this.r = r; }
    area() { return Math.PI * this.r ** 2; }
}
class Rect extends Shape {
    constructor(w, h) { super('Rect'); Object.assign(this, { w, h }); }
    area() { return this.w * this.h; }
    static square(side) { return new Rect(side, side); }
}
class Square extends Rect {
    constructor(side) { super(side, side); this.name = 'Square'; }
    describe() { return super.describe() + ' (square)'; }
}
const shapes = [new Circle(1.5), new Rect(2, 3), new Square(4), Rect.square(2)];
for (const s of shapes) console.log(s.describe(), s instanceof Rect, s.constructor.name);
try { new Shape('x'); } catch (e) { console.log(e.name, e.message); }
const total = shapes.map(s => s.area()).reduce((x, y) => x + y);
console.log(Math.round(total * 100) / 100);
const biggest = shapes.reduce((best, s) => s.area() > best.area() ? s : best);
console.log(biggest.name, Math.max(...shapes.map(s => s.area())));
console.log(shapes[1]);
console.log(typeof Shape, typeof shapes[0], Array.isArray(shapes));
const counter = (() => { let n = 0; return { inc: () => ++n, reset() { n = 0; return this; } }; })();
counter.inc(); counter.inc();
console.log(counter.inc(), counter.reset().inc());
const memo = {};
function fib(n) { return n in memo ? memo[n] : (memo[n] = n < 2 ? n : fib(n - 1) + fib(n - 2)); }
console.log(fib(60), Object.keys(memo).length);
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b));
console.log(0.1 + 0.2, 5 / 2 | 0, -7 % 3, 2 ** 10, '5' * '2', '5' + 2, +'3', parseInt('12px'), Number('x'));
console.log(null ?? 'default', undefined?.x, [1, [2, [3]]].flat(Infinity));
