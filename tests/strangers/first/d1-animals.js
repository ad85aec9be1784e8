class Animal {
  static count = 0;
  constructor(name, legs = 4) {
    this.name = name;
    this.legs = legs;
    Animal.count++;
  }
  sound() { return "..."; }
  speak() { return `${this.name} says ${this.sound()}`; }
  toString() { return `${this.constructor.name}(${this.name})`; }
}

class Hen extends Animal {
  #eggs = [];
  constructor(name) {
    super(name, 2);
  }
  sound() { return "cluck"; }
  lay(weight) {
    this.#eggs.push(weight);
    return this;
  }
  get total() { return this.#eggs.reduce((a, b) => a + b, 0); }
}

class Goat extends Animal {
  sound() { return "meh"; }
}

const farm = [new Goat("Moss"), new Hen("Pip"), new Animal("Worm", 0)];
for (const animal of farm) {
  console.log(`${animal} - ${animal.speak()}`);
}
console.log(farm[1].lay(50).lay(62).total, Animal.count);
console.log(farm[0] instanceof Goat, farm[0] instanceof Animal, farm[0] instanceof Hen);
console.log(farm.map((a) => a.name).sort());
console.log(farm[0]);
