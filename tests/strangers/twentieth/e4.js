function makeCounter() {
  let n = 0;
  return { up: () => ++n, down: () => --n, get value() { return n; } };
}
const c1 = makeCounter(), c2 = makeCounter();
c1.up(); c1.up(); c2.down();
console.log(c1.value, c2.value);
class Animal {
  static registry = new Map();
  name = "nobody";
  constructor(name) { if (name) this.name = name; Animal.registry.set(this.name, this); }
  speak() { return `${this.name} ${this.sound()}`; }
  sound() { return "..."; }
  static find(name) { return Animal.registry.get(name) ?? null; }
}
class Frog extends Animal {
  sound() { return "croak"; }
  get loud() { return this.speak().toUpperCase(); }
}
class Tree extends Frog {
  constructor(n, h) { super(n); this.h = h; }
  speak() { return super.speak() + ` at ${this.h}`; }
}
const fr = new Frog("Pip"), tr = new Tree("Ada", 3), an = new Animal();
console.log(fr.speak(), "|", tr.speak(), "|", an.speak(), "|", tr.loud);
console.log(Animal.find("Ada") === tr, Animal.find("x"), Animal.registry.size, tr instanceof Animal);
const list = [tr, fr, an];
console.log(list.map((a) => a.constructor.name), list.filter((a) => a instanceof Frog).length);
let log = [];
const obj = { a: 1, b: { c: [1, 2] }, greet() { log.push(this.a); } };
const { a: first, b: { c: [, second] }, z = "dflt" } = obj;
console.log(first, second, z);
const o2 = { ...obj, a: 5 };
o2.greet(); obj.greet();
o2.b.c.push(3);
console.log(log, obj.b.c.length, obj === o2);
let i = 10;
for (let i = 0; i < 2; i++) { const i = "inner"; log.push(i); }
console.log(i, log);
if (true) { let i = 1; var leaked = i + 1; }
console.log(i, leaked);
const fns = {};
function outer() {
  const before = typeof inner;
  function inner() { return "in"; }
  return before + inner();
}
console.log(outer());
function sum() { let t = 0; for (const x of arguments) t += x; return t; }
console.log(sum(1, 2, 3), (() => 5)());
const fact = function f(n) { return n < 2 ? 1 : n * f(n - 1); };
console.log(fact(5));
const arr = [5, 1, 4];
const sorted = arr.sort();
console.log(arr === sorted, arr, arr.concat(9).length, arr.reverse()[0], arr);
const copy = arr.slice(); copy.push(0);
console.log(arr.length, copy.indexOf(0), arr.splice(1, 1, "a", "b"), arr, arr.fill(7, 2), arr.lastIndexOf(7));
const grid = Array.from({ length: 2 }, () => new Array(3).fill(0));
grid[0][1] = 1;
console.log(grid, Array(3).fill([]).length);
const shared = Array(2).fill([]); shared[0].push(1);
console.log(shared);
const s = new Set([1, 2, 2, 3]); s.delete(2); s.add(1);
const m = new Map([["k", 1]]); m.set("k", m.get("k") + 1).set({ o: 1 }, 2);
console.log([...s], m.size, m.has("k"), [...m.keys()][0], [...m.values()]);
m.forEach((v, k) => console.log(typeof k, v));
let p = 1, q = 2;
[p, q] = [q, p];
console.log(p, q, p ** q, p > q ? "gt" : "le");
function* idMaker() { let id = 0; while (true) { yield id; id += 1; } }
const ids = idMaker();
console.log(ids.next().value, ids.next().value, ids.next().value);
const it = [10, 20][Symbol.iterator]();
console.log(it.next(), it.next(), it.next());
try { undefined.x; } catch (e) { console.log(e.message); }
const t = () => { try { return "try"; } finally { log.push("fin"); } };
console.log(t(), log.at(-1));
console.log(`${1 + 1}${[1, 2]}${{}}${null}${undefined}`, "a" + 1 + 2, 1 + 2 + "a", "5" - 2, +true, !!"0", !!"", null ?? "n", 0 || "z", "" ?? "e");
console.log([1, 2, 3] + "", [] + {}, typeof NaN, NaN === NaN, 0 === -0, 1 / -0, [NaN].includes(NaN), [NaN].indexOf(NaN));
label: for (let a = 0; a < 3; a++) for (let b = 0; b < 3; b++) { if (b === 1) continue label; if (a === 2) break label; console.log(a, b); }
