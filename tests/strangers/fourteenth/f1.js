function Stack() { this.items = []; }
Stack.prototype.push = function (x) { this.items.push(x); };
Stack.prototype.pop = function () { return this.items.pop(); };
Stack.prototype.isEmpty = function () { return this.items.length === 0; };
var st = new Stack(); st.push(1); st.push(2); console.log(st.pop(), st.isEmpty(), st.items.length);
class Animal {
  constructor(name) { this.name = name; this._age = 1; }
  get age() { return this._age; }
  set age(v) { if (v < 0) throw new RangeError("age"); this._age = v; }
  speak() { return `${this.name} makes a sound`; }
  static create(n) { return new Animal(n); }
  toString() { return `Animal(${this.name})`; }
}
class Dog extends Animal {
  constructor(name, breed) { super(name); this.breed = breed; }
  speak() { return super.speak() + " woof"; }
}
const d = new Dog("Rex", "x"); d.age = 5;
console.log(d.speak(), d.age, `${d}`, d instanceof Animal, Animal.create("Z").name, d);
try { d.age = -1; } catch (e) { console.log(e.name, e.message, e instanceof RangeError); }
const people = [{ name: "Ada", age: 36, tags: ["x"] }, { name: "Bo", age: 17, tags: [] }];
const { name, age: years, city = "none" } = people[0]; console.log(name, years, city);
const [first, , third = 3, ...rest] = [1, 2, undefined, 4, 5]; console.log(first, third, rest);
console.log(people.map(p => p.name).join("/"), people.filter(p => p.age > 18).length, people.reduce((s, p) => s + p.age, 0));
console.log(people.sort((a, b) => a.name < b.name ? 1 : -1).map(({ name }) => name), people.find(p => p.age < 18)?.name, people.find(p => p.age > 90)?.name);
const copy = { ...people[0], age: 20, extra: true }; console.log(copy, Object.keys(copy), Object.entries(copy)[0], "age" in copy, delete copy.age, copy.age);
const m = new Map(); m.set("a", 1).set("b", 2); for (const [k, v] of m) console.log(k, v); console.log(m.size, m.get("z"), m.has("a"), [...m.keys()]);
const s = new Set([1, 2, 2, 3]); s.add(4); s.delete(1); console.log(s.size, [...s], s.has(2), s);
console.log([1, [2, [3, [4]]]].flat(2), Array.from({ length: 3 }, (_, i) => i * 2), Array(3).fill(0), [..."abc"], Array.isArray([]));
console.log("a-b-c".split("-"), "abc".at(-1), "x".padStart(3, "."), "abc".replace("b", "_"), "  t ".trim(), "abcabc".lastIndexOf("b"), "abc".charCodeAt(0), String.fromCharCode(65), "Hello".slice(1, -1), "hello".substring(3, 1), "a,b".split(""));
const add = a => b => a + b; console.log(add(1)(2)); const compose = (...f) => x => f.reduceRight((a, g) => g(a), x); console.log(compose(x => x + 1, x => x * 2)(5));
function outer() { let c = 0; return { inc() { return ++c; }, get: () => c }; } const o = outer(); o.inc(); o.inc(); console.log(o.get());
console.log([3, 1, 2].toString(), [1, 2, 3].some(x => x > 2), [1, 2].every(x => x > 1), [1, 2, 3].indexOf(4), [5, 1].concat([2], 3), [1, 2, 3, 4].findIndex(x => x === 3));
console.log(Math.max(...[1, 5, 3]), Math.min(), Math.abs(-3), Math.trunc(-3.7), Math.sign(-2), Math.hypot(3, 4), Math.cbrt(27), (3.14159).toFixed(2), (255).toString(16), (0.1).toFixed(20).length, Number.MAX_SAFE_INTEGER);
console.log(JSON.stringify({ a: [1, { b: null }], c: "x" }), JSON.stringify([1, 2], null, 2), JSON.parse('{"x":[1,2]}').x[1]);
let u; console.log(u, u === undefined, u == null, typeof u, !!u, u ?? "dflt", NaN === NaN, isNaN("x"), [] == false, null >= 0, "b" + "a" + +"a" + "a");
for (const [i, ch] of [..."ab"].entries()) console.log(i, ch); for (const k in { x: 1, y: 2 }) console.log(k); for (const i in ["p", "q"]) console.log(i, typeof i);
