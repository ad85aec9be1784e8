class Node2 { constructor(v, next = null) { this.v = v; this.next = next; } }
class LinkedList {
  head = null; size = 0;
  static of(...vs) { const l = new LinkedList(); vs.forEach((v) => l.add(v)); return l; }
  add(v) { const n = new Node2(v); if (!this.head) this.head = n; else { let c = this.head; while (c.next) c = c.next; c.next = n; } this.size++; return this; }
  reverse() { let p = null, c = this.head; while (c) { [c.next, p, c] = [p, c, c.next]; } this.head = p; return this; }
  *[Symbol.iterator]() { for (let n = this.head; n; n = n.next) yield n.v; }
  map(f) { return LinkedList.of(...[...this].map(f)); }
  toString() { return [...this].join(" -> "); }
  remove(v) { if (this.head?.v === v) { this.head = this.head.next; this.size--; return true; } let c = this.head; while (c?.next) { if (c.next.v === v) { c.next = c.next.next; this.size--; return true; } c = c.next; } return false; }
}
const l = LinkedList.of(1, 2, 3);
console.log(`${l}`, String(l.reverse()), l.size, [...l.map((x) => x * 10)], l.remove(2), l.remove(9), `${l}`, Math.max(...l));

for (const [i, v] of [...l].entries()) console.log(i, v);
const bound = l.add.bind(l); bound(7); console.log(l.size, Array.from(l));
const handlers = { click: [], on(type, fn) { this[type].push(fn); return this; }, fire(type, ...a) { return this[type].map((fn) => fn(...a)); } };
handlers.on("click", (x) => x + 1).on("click", function (x) { return x * 2; });
console.log(handlers.fire("click", 5));
let count = 0; const inc = () => count++; inc(); inc(); console.log(count, inc(), count);
const makeAdders = () => { const fs = []; for (var i = 0; i < 3; i++) { let j = i; fs.push((x) => x + j + i); } return fs; };
console.log(makeAdders().map((g) => g(10)));
const o = { a: { b: 1 } }; const { a } = o; a.b = 2; const { a: { b } } = o; o.a = { b: 3 }; console.log(a.b, b, o.a.b);
function mutate(obj, arr, n) { obj.x = 1; arr.push(4); n++; obj = {}; arr = []; return [obj, arr, n]; }
const ob = {}, ar = [1]; let nn = 5; console.log(mutate(ob, ar, nn), ob, ar, nn);
const m = new Map(); const key = {}; m.set(key, "obj").set("a", 1).set(NaN, "nan"); console.log(m.get(key), m.get({}), m.get(NaN), [...m].length, m.delete("a"), m.size);
const s = new Set([[1], [1], "a", "a", 1, "1"]); console.log(s.size, s.has([1]), [...s].pop());
const nested = [[1, [2, 3]], [4]]; const flat1 = nested.flat(); flat1[1].push(99); console.log(nested, nested.flat(2));
const sq = Array.from({ length: 3 }, (_, i) => ({ i, sq: i * i })); sq[1].sq = "x"; console.log(sq, sq.map(({ sq }) => sq));
const str = "a,b,,c"; console.log(str.split(","), str.split(",", 2), "abc".split(""), "".split(","), [..."ab"].reverse().join(""), "x".padEnd(3, "ab"), "abcabc".lastIndexOf("b"), "Abc".charCodeAt(0), "a-b".replace("-", "$&$&"));
const date = { y: 2026, m: 3, d: 7 }; const fmt = ({ y, m, d }, sep = "-") => [y, m, d].map((n) => String(n).padStart(2, "0")).join(sep); console.log(fmt(date), fmt({ ...date, d: 31 }, "/"));
const p1 = { name: "A", greet() { return "I am " + this.name; } }; console.log(p1.greet());
try { const { x: { y } } = {}; } catch (e) { console.log(e.name); }
try { [].reduce((a2, b2) => a2); } catch (e) { console.log(e.message); }
try { "x".repeat(-1); } catch (e) { console.log(e.name); }
const res = (() => { try { throw new Error("a"); } catch (e) { return e.message; } finally { count = 100; } })(); console.log(res, count);
switch (true) { case count > 50: console.log("big"); case false: console.log("fell"); break; default: console.log("no"); }
const t = 5; const grade = t > 8 ? "A" : t > 4 ? "B" : "C"; console.log(grade, t > 3 && "yes", t < 3 || "or", !t, !!t);
var v1 = 1; { var v1 = 2; } console.log(v1); let q1 = 1; { let q1 = 2; q1++; } console.log(q1);
console.log([1, 2, 3, 4].reduce((acc, x, i, arr) => acc + x * (arr.length - i), 0), [5, 3, 9].map((x, i, all) => all[all.length - 1 - i]), Array.from("abc", (c) => c.toUpperCase()), Array.of(7, 8), [3, 4].entries().next().value, [["a", 1]].map(([k, v]) => ({ [k]: v })));
