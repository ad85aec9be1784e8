class Plant {
  constructor(name, height = 1) {
    this.name = name;
    this.height = height;
  }
  grow(days) {
    for (let i = 0; i < days; i++) this.height *= 1.1;
    return this;
  }
  toString() {
    return `${this.name}: ${this.height.toFixed(2)} cm`;
  }
}
class Tree extends Plant {
  constructor(name, height, rings) {
    super(name, height);
    this.rings = rings;
  }
  grow(days) {
    super.grow(days);
    if (days > 5) this.rings++;
    return this;
  }
}
const garden = [new Plant("Mint"), new Tree("Oak", 120, 30)];
garden.forEach((p, i) => console.log(i + 1, String(p.grow(7))));
console.log(garden[1].rings, garden[1] instanceof Plant);
const tallest = garden.reduce((a, b) => (a.height > b.height ? a : b));
console.log(`Tallest: ${tallest.name}`);
