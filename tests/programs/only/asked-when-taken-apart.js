class Item { constructor(n) { this.name = n; } get total() { return 5; } }
const i = new Item("a");
const { name, total } = i;
console.log(name, total);
const f = ({ total }) => total;
console.log(f(i));
[i].forEach(({ name, total: t }) => console.log(name, t));
for (const { total } of [i]) console.log(total);
function g({ total, name }) { return total + name; }
console.log(g(i));
class Shed { constructor() { this.total = 7; } }
for (const thing of [i, new Shed(), { total: 9 }, {}]) console.log(thing.total);
const { total: many } = { total: 3 };
console.log(many, f(new Shed()), f({ total: 4 }));
class Basket {
  constructor(...things) { this.things = things; }
  get length() { return this.things.length * 100; }
}
const long = (thing) => thing.length;
for (const thing of [new Basket("pea", "kale"), ["pea"], "word"]) console.log(thing.length, long(thing));
