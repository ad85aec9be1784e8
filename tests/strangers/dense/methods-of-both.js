class Basket {
  constructor() { this.items = []; }
  push(x) { this.items.push(x); return this; }
  includes(x) { return this.items.includes(x); }
  indexOf(x) { return 10 + this.items.indexOf(x); }
  get length() { return this.items.length * 100; }
  size() { return this.items.length; }
  join(sep) { return "<" + this.items.join(sep) + ">"; }
  map(f) { const b = new Basket(); for (const i of this.items) b.push(f(i)); return b; }
  has(x) { return this.items.includes(x); }
  keys() { return ["k"]; }
}
const b = new Basket().push("pea").push("bean");
const list = ["pea", "kale"];
const show = (x) => x.join("-");
console.log(show(b), show(list));
const len = (x) => x.length;
console.log(len(b), len(list), len("word"));
const at = (x, y) => x.indexOf(y);
console.log(at(b, "bean"), at(list, "kale"), at("word", "r"));
console.log([b, list].map((x) => x.includes("pea")));
console.log(b.map((x) => x + "!").join(","), list.map((x) => x + "!").join(","));
const m = new Map([["a", 1]]), s = new Set([1, 2]);
console.log(m.has("a"), s.has(3), b.has("bean"), m.size, s.size, b.size());
const things = [b, m, s];
for (const t of things) console.log(t.has("bean"));
function grow(x) { x.push("rose"); return x; }
console.log(grow(b).size(), grow(list).length);
console.log([...m.keys()], b.keys());
