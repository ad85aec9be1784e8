'use strict';

class Plant {
  static #count = 0;
  #height;

  constructor(name, height = 1) {
    this.name = name;
    this.#height = height;
    Plant.#count++;
  }

  get height() { return this.#height; }

  set height(value) {
    if (typeof value !== 'number' || Number.isNaN(value)) {
      throw new TypeError(`height of ${this.name} must be a number`);
    }
    this.#height = Math.max(0, value);
  }

  static get count() { return Plant.#count; }

  grow(by = 1) {
    this.height += by;
    return this;
  }

  toString() { return `${this.name} (${this.#height} cm)`; }
}

class Climber extends Plant {
  constructor(name, height, pole) {
    super(name, height);
    this.pole = pole;
  }

  grow(by) {
    super.grow(by * 2);
    if (this.height > this.pole) {
      this.height = this.pole;
    }
    return this;
  }

  toString() { return super.toString() + ' on a pole of ' + this.pole; }
}

const plants = [new Plant('sage'), new Climber('bean', 20, 150), new Plant('mint', 12)];
for (const plant of plants) {
  plant.grow(5).grow(3);
  console.log(String(plant));
}
console.log(`${plants[1].grow(100)}`);
console.log(Plant.count, plants[1] instanceof Plant, plants[0] instanceof Climber);
try {
  plants[0].height = 'tall';
} catch (error) {
  console.log(error.name + ': ' + error.message);
}
const byHeight = [...plants].sort((a, b) => b.height - a.height || a.name.localeCompare(b.name));
console.log(byHeight.map(({ name, height }) => `${name}=${height}`).join('; '));
console.log(Object.keys(plants[1]), JSON.stringify(plants));
const total = plants.reduce((sum, { height }) => sum + height, 0);
console.log(`total ${total}, mean ${(total / plants.length).toFixed(2)}`);
