function Stack() {
  const items = [];
  return {
    push: x => items.push(x),
    pop: () => items.pop(),
    peek: () => items[items.length - 1],
    size: () => items.length,
    isEmpty() { return items.length === 0; }
  };
}
const st = Stack();
st.push(1); st.push(2);
console.log(st.pop(), st.peek(), st.size(), st.isEmpty());
let a = [1, 2, 3], b = a, c = [...a];
b.push(4); c.push(5);
console.log(a, b === a, c, a.length);
const o = { x: 1, nested: { y: 2 } };
const p = { ...o }, q = JSON.parse(JSON.stringify(o));
p.x = 9; p.nested.y = 8;
console.log(o, p, q);
console.log(a.map((v, i) => v * i), a.filter(v => v % 2), a.reduce((s, v) => s + v, 0), a.find(v => v > 2), a.every(v => v > 0), a.includes(3));
console.log(a.slice(1, 3), a.splice(1, 2), a, a.concat([7]), a.join("-"), a.reverse(), a.indexOf(9));
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((x, y) => x - y), ["b", "a"].sort(), [1, [2, 3]].flat());
for (let i = 0; i < 3; i++) { if (i === 1) continue; console.log(i); }
for (const k in { a: 1, b: 2 }) console.log(k);
for (const ch of "hi") console.log(ch);
let n = 0; while (n < 3) n++; do { n--; } while (n > 0); console.log(n);
console.log(1 == "1", 1 === "1", null == undefined, null === undefined, NaN === NaN, [] == false, "a" < "b");
console.log(typeof 1, typeof "a", typeof [], typeof {}, typeof null, typeof undefined, typeof (() => 1));
console.log(5 / 2, Math.floor(-2.5), Math.round(2.5), Math.round(-2.5), 7 % 3, -7 % 3, 2 ** 3, 0.1 + 0.2, 1 / 0);
console.log("abc".toUpperCase(), "a,b".split(","), " x ".trim(), "abc".slice(-2), "abc".charAt(1), "abc".includes("b"), "a-b".replace("-", "+"), "ab".padStart(4, "*"));
console.log(`${1 + 1} ${a.length > 2 ? "long" : "short"}`, "5" * 2, "5" + 2, +"3" + 1, parseInt("12px"), Number("x"), String(12) + 1, (12.345).toFixed(1));
try { throw new Error("bad"); } catch (e) { console.log(e.message, e instanceof Error); } finally { console.log("fin"); }
const { x, nested: { y }, z = 5 } = o; const [f, , g = 3] = [1, 2]; console.log(x, y, z, f, g);
const fn = (u, v = 2, ...rest) => u + v + rest.length; console.log(fn(1), fn(1, 1, 1, 1));
class A { constructor(n) { this.n = n; } hi() { return "A" + this.n; } static of(n) { return new A(n); } get twice() { return this.n * 2; } }
class B extends A { hi() { return super.hi() + "B"; } }
const bb = new B(3); console.log(bb.hi(), bb.twice, A.of(1).hi(), bb instanceof A, bb);
const m = new Map([["k", 1]]); m.set("j", 2); console.log(m.get("k"), m.size, [...m.keys()], m.has("z")); const s = new Set([1, 1, 2]); console.log(s.size, [...s]);
console.log(null ?? "d", 0 || "e", 0 ?? "f", o?.nested?.y, o.q?.r, !!"x", !0);
var v1 = 1; v1 = 2; console.log(v1);
console.log([..."abc"].map(c => c.charCodeAt(0)), Object.keys(o), Object.values({ a: 1 }), Object.entries({ a: 1 }), Array.from({ length: 3 }, (_, i) => i * 2));
setTimeout(() => console.log("later"), 0); console.log("now");
console.log([undefined, null, NaN], { a: undefined }, [[]], [{}], -0, [1.0, 2.50]);
console.log([1,2,3] + "", {} + "", [] + [], true + 1, "b" + "a" + +"a" + "a");
