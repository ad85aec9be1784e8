class Animal {
  #secret = 1;
  static count = 0;
  constructor(name, sound = '...') {
    this.name = name;
    this.sound = sound;
    Animal.count++;
  }
  speak() { return `${this.name} says ${this.sound}`; }
  get secret() { return this.#secret; }
  set secret(v) { if (v < 0) throw new RangeError('no'); this.#secret = v; }
  static create(...args) { return new this(...args); }
  toString() { return `<${this.constructor.name} ${this.name}>`; }
}
class Hen extends Animal {
  constructor(name) { super(name, 'cluck'); this.eggs = 0; }
  lay(n = 1) { this.eggs += n; return this; }
  speak() { return super.speak() + '!'; }
}
const h = new Hen('Greta').lay().lay(3);
console.log(h.speak(), h.eggs, `${h}`, Animal.count, h instanceof Animal);
h.secret = 5;
try { h.secret = -1; } catch (e) { console.log(e.name, e.message, e instanceof RangeError); } finally { console.log('done', h.secret); }
const a = Animal.create('Otto');
console.log(a.speak(), a);
console.log(h);
const zoo = [h, a, new Animal('Mole', 'dig')];
zoo.sort((x, y) => x.name < y.name ? -1 : 1);
console.log(zoo.map(String).join(' '));
function outer() { let n = 0; return { inc: () => ++n, get n() { return n; } }; }
const o = outer(); o.inc(); o.inc();
console.log(o.n);
label: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === 2) continue label; if (i === 2) break label; console.log(i, j); } }
switch (h.eggs) { case 1: case 4: console.log('few'); case 5: console.log('fall'); break; default: console.log('many'); }
do { h.eggs--; } while (h.eggs > 0);
console.log(h.eggs, [1, 2, 3].includes(2), 'abc'.at(-1), [5, 6].at(-1), 'a-b-c'.replaceAll('-', '+'), 'x'.repeat(3), ' t '.trim() + '|');
console.log(Math.max(...[1, 5, 2]), Math.hypot(3, 4), Math.trunc(-4.7), Math.sign(-3), (1234.5).toLocaleString('en-US'));
