class Bed {
  constructor(name, size) { this.name = name; this.size = size || 3; }
  plant(what, n) { if (n === undefined) n = 1; return what + n + this.size; }
}
const b = new Bed("a");
console.log(b.plant("kale"), b.plant("kale", 4));
