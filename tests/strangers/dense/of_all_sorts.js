const input = ["add 5", "add 7", "mul 3", "undo", "print", "sub 2", "bogus", "print", "history"];
class Calculator {
  constructor() { this.value = 0; this.stack = []; this.ops = { add: (a, b) => a + b, sub: (a, b) => a - b, mul: (a, b) => a * b, div(a, b) { if (b === 0) throw new Error("divide by zero"); return a / b; } }; }
  run(line) {
    const [cmd, arg] = line.split(" ");
    if (cmd in this.ops) { this.stack.push(this.value); this.value = this.ops[cmd](this.value, Number(arg)); return `${cmd} -> ${this.value}`; }
    switch (cmd) {
      case "undo": if (!this.stack.length) return "nothing"; this.value = this.stack.pop(); return "undone";
      case "print": return `value: ${this.value}`;
      case "history": return this.stack.map((v, i) => `${i}:${v}`).join(" ");
      default: throw new TypeError(`unknown: ${cmd}`);
    }
  }
}
const calc = new Calculator();
for (const line of input) { try { console.log(calc.run(line)); } catch (err) { console.log(`${err.name}: ${err.message}`); } }
try { calc.run("div 0"); } catch ({ message }) { console.log(message); }
const shapes = [{ kind: "circle", r: 2 }, { kind: "rect", w: 2, h: 3 }, { kind: "tri" }];
const areas = { circle: ({ r }) => Math.PI * r ** 2, rect: ({ w, h }) => w * h };
shapes.forEach(s => { const f = areas[s.kind]; console.log(s.kind, f ? f(s).toFixed(2) : "?"); });
const tree = { v: 1, kids: [{ v: 2, kids: [{ v: 4, kids: [] }] }, { v: 3, kids: [] }] };
const sum = ({ v, kids }) => v + kids.reduce((t, k) => t + sum(k), 0), depth = n => 1 + Math.max(0, ...n.kids.map(depth)); console.log(sum(tree), depth(tree));
const walk = (n, f, d = 0) => { f(n, d); n.kids.forEach(k => walk(k, f, d + 1)); }; walk(tree, (n, d) => console.log("  ".repeat(d) + n.v));
const q = [tree], order = []; while (q.length) { const n = q.shift(); order.push(n.v); q.push(...n.kids); } console.log(order.join(" > "));
let str = ""; for (let i = 1; i <= 15; i++) str += (i % 15 == 0 ? "FizzBuzz" : i % 5 == 0 ? "Buzz" : i % 3 == 0 ? "Fizz" : i) + (i < 15 ? "," : ""); console.log(str);
const primes = []; outer: for (let n = 2; primes.length < 8; n++) { for (const p of primes) if (n % p === 0) continue outer; primes.push(n); } console.log(primes);
console.log(primes.reverse()[0], primes.length);
const data = "name,age\nAda,36\nBo,17"; const [head, ...rows] = data.split("\n").map(l => l.split(",")); console.log(rows.map(r => Object.fromEntries(r.map((c, i) => [head[i], c]))));
const cnt = new Map(); for (const ch of "banana") cnt.set(ch, (cnt.get(ch) ?? 0) + 1); console.log([...cnt].map(([k, v]) => k + v).join(), [...cnt.entries()].sort((a, b) => b[1] - a[1])[0]);

var fns = []; for (let i = 0; i < 3; i++) fns.push(() => i); console.log(fns.map(f => f()));
console.log([1, 2, 3].some(x => x > 2) && "some", [].every(x => false), [..."aab"].filter((c, i, s) => s.indexOf(c) === i), "a-b_c".split(/[-_]/), "x".codePointAt(0), "abc" > "abd");
