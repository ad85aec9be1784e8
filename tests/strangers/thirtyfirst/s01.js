'use strict';

// Inventory with classes and inheritance
class Plant {
  #waterLevel = 0;
  static count = 0;

  constructor(name, needs = 3) {
    this.name = name;
    this.needs = needs;
    Plant.count += 1;
  }

  get thirsty() {
    return this.#waterLevel < this.needs;
  }

  water(amount) {
    if (typeof amount !== 'number' || Number.isNaN(amount)) {
      throw new TypeError(`amount must be a number, got ${amount}`);
    }
    this.#waterLevel = Math.min(10, this.#waterLevel + amount);
    return this;
  }

  toString() {
    return `${this.name} (${this.#waterLevel}/${this.needs})`;
  }
}

class Cactus extends Plant {
  constructor(name) {
    super(name, 1);
    this.spikes = true;
  }

  water(amount) {
    if (amount > 2) {
      console.log(`${this.name} has had too much!`);
      amount = 2;
    }
    return super.water(amount);
  }
}

const plants = [new Plant('Fern'), new Cactus('Spike'), new Plant('Rose', 5)];
plants.forEach((p) => p.water(2).water(1));
for (const plant of plants) {
  console.log(String(plant), plant.thirsty ? 'thirsty' : 'fine');
}
console.log(`There are ${Plant.count} plants`);
try {
  plants[0].water('a lot');
} catch (err) {
  console.log(err instanceof TypeError, err.message);
} finally {
  console.log('done');
}
console.log(plants.filter((p) => p instanceof Cactus).map((p) => p.name));
console.log(Object.keys(plants[1]));
