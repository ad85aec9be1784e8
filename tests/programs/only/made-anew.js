class Animal {
  tricks = [];
  constructor(name) { this.name = name; }
  learn(trick) { this.tricks.push(trick); return this.tricks.length; }
}
class Goat extends Animal { friends = {}; meet(who) { this.friends[who] = true; return Object.keys(this.friends).length; } }
const a = new Goat("Moss"), b = new Animal("Pip");
a.learn("jump"); b.learn("sit");
console.log(`${a.tricks.length} ${b.tricks.length} ${a.meet("x")} ${a.name}`);
