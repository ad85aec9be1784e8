class Vector {
  constructor(x, y) {
    this.x = x;
    this.y = y;
  }
  add(v) { return new Vector(this.x + v.x, this.y + v.y); }
  scale(k) { return new Vector(this.x * k, this.y * k); }
  get length() { return Math.hypot(this.x, this.y); }
  equals({ x, y }) { return this.x === x && this.y === y; }
  static zero() { return new Vector(0, 0); }
  toString() { return `(${this.x}, ${this.y})`; }
  toJSON() { return [this.x, this.y]; }
}
class Particle extends Vector {
  constructor(x, y, name = "p") {
    super(x, y);
    this.name = name;
    this.velocity = Vector.zero();
  }
  move(dt = 1) {
    this.x += this.velocity.x * dt;
    this.y += this.velocity.y * dt;
    return this;
  }
  toString() { return `${this.name}@${super.toString()}`; }
}
const a = new Vector(3, 4), b = new Vector(1, 2);
console.log(`${a.add(b)} ${a.scale(2)} ${a.length} ${a.equals(new Vector(3, 4))}`);
const p = new Particle(0, 0, "dot");
p.velocity = new Vector(2, -1);
p.move().move(0.5);
console.log(String(p), p instanceof Vector, p.constructor.name, typeof p);
console.log(a, p);
console.log([a, b].map(v => v.length.toFixed(2)));
console.log(Object.keys(p), "x" in p, p.hasOwnProperty("name"));
const copy = Object.assign(new Vector(0, 0), a);
console.log(copy.equals(a), copy === a, { ...b });
console.log(JSON.stringify({ a, list: [b] }));
