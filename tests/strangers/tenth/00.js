'use strict';

class Plant {
  #thirst = 0;
  static count = 0;

  constructor(name, { height = 10, rate = 1.5 } = {}) {
    this.name = name;
    this.height = height;
    this.rate = rate;
    Plant.count++;
  }

  grow(days) {
    for (let d = 1; d <= days; d++) {
      this.height += this.rate;
      this.#thirst += d % 2;
    }
    return this;
  }

  water() {
    this.#thirst = Math.max(0, this.#thirst - 2);
    return this;
  }

  get thirst() {
    return this.#thirst;
  }

  toString() {
    return `${this.name}: ${this.height.toFixed(1)} cm, thirst ${this.#thirst}`;
  }

  static compare(a, b) {
    return b.height - a.height;
  }
}

const plants = [
  new Plant('sunflower', { rate: 3 }),
  new Plant('moss', { height: 1, rate: 0.1 }),
  new Plant('fern'),
];

plants.forEach((p, i) => p.grow(5 + i));
plants[0].water();
plants.sort(Plant.compare);
for (const plant of plants) {
  console.log(String(plant));
}
console.log(`${Plant.count} plants, thirst: ${plants.map(p => p.thirst).join('/')}`);
