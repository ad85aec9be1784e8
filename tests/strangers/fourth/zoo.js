'use strict';

class Animal {
  static count = 0;
  #energy = 10;
  constructor(name, sound = '...') {
    this.name = name;
    this.sound = sound;
    Animal.count++;
  }
  get energy() { return this.#energy; }
  set energy(value) {
    if (value < 0) throw new RangeError('No energy left');
    this.#energy = value;
  }
  speak() { return `${this.name} says ${this.sound}`; }
  run(km) { this.energy -= km * 2; return this; }
  toString() { return `Animal(${this.name})`; }
  static compare(a, b) { return a.energy - b.energy; }
}

class Hen extends Animal {
  constructor(name) {
    super(name, 'cluck');
    this.eggs = [];
  }
  lay(n = 1) {
    for (let i = 0; i < n; i++) this.eggs.push({ size: i % 2 ? 'L' : 'S' });
    return this.eggs.length;
  }
  speak() { return super.speak() + '!'; }
}

const hen = new Hen('Pip');
const goat = new Animal('Moss', 'meh');
console.log(hen.speak(), goat.speak(), `${goat}`, hen + '');
hen.run(2).run(1);
console.log(hen.energy, hen.lay(3), hen.eggs);
try {
  hen.run(50);
} catch (e) {
  console.log(e.name, e.message, e instanceof RangeError, e instanceof Error);
} finally {
  console.log('done', Animal.count);
}
console.log([goat, hen].sort(Animal.compare).map(a => a.name), hen instanceof Animal, goat instanceof Hen, hen.constructor.name);
