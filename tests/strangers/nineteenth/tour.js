function* idMaker(start = 1) { let id = start; while (true) yield id++; }
const gen = idMaker(5);
console.log(gen.next().value, gen.next().value, gen.next());
class Stack { constructor() { this.items = []; } push(x) { this.items.push(x); return this; } pop() { return this.items.pop(); } peek() { return this.items[this.items.length - 1]; } get size() { return this.items.length; } isEmpty() { return this.size === 0; } *[Symbol.iterator]() { for (let i = this.items.length - 1; i >= 0; i--) yield this.items[i]; } }
const s = new Stack().push(1).push(2).push(3);
console.log([...s], s.pop(), s.peek(), s.size, s.isEmpty(), s);
const balanced = (str) => { const st = []; const pairs = { ')': '(', ']': '[', '}': '{' }; for (const ch of str) { if ('([{'.includes(ch)) st.push(ch); else if (pairs[ch] && st.pop() !== pairs[ch]) return false; } return st.length === 0; };
console.log(balanced('{[()]}'), balanced('(]'), balanced('(('));
class Shape { area() { throw new Error('not done'); } describe() { return `${this.constructor.name} of area ${this.area().toFixed(2)}`; } }
class Circle extends Shape { constructor(r) { super(); this.r = r; } area() { return Math.PI * this.r ** 2; } }
class Rect extends Shape { constructor(w, h) { super(); Object.assign(this, { w, h }); } area() { return this.w * this.h; } }
class Square extends Rect { constructor(a) { super(a, a); } }
for (const sh of [new Circle(2), new Rect(2, 3), new Square(4)]) console.log(sh.describe());
try { new Shape().describe(); } catch ({ message }) { console.log('Error:', message); } finally { console.log('done'); }
class ValidationError extends Error { constructor(field, msg) { super(msg); this.name = 'ValidationError'; this.field = field; } }
function check(p) { if (!p.name) throw new ValidationError('name', 'name missing'); if (p.age < 0) throw new ValidationError('age', `bad age ${p.age}`); return true; }
for (const p of [{ name: 'Ivy', age: 3 }, { age: 1 }, { name: 'Moss', age: -2 }]) { try { console.log(check(p)); } catch (e) { if (e instanceof ValidationError) console.log(`${e.name}(${e.field}): ${e.message}`); else throw e; } }
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2)(5));
const debounce = (f, times) => { let c = 0; return (...args) => ++c >= times ? f(...args) : undefined; };
const d = debounce((a, b) => a + b, 2); console.log(d(1, 2), d(1, 2));
const tree = { v: 1, kids: [{ v: 2, kids: [] }, { v: 3, kids: [{ v: 4, kids: [] }] }] };
const sum = t => t.v + t.kids.map(sum).reduce((a, b) => a + b, 0);
const depth = ({ kids }) => 1 + Math.max(0, ...kids.map(depth));
console.log(sum(tree), depth(tree));
const deep = structuredClone(tree); deep.kids[0].v = 99; console.log(tree.kids[0].v, deep.kids[0].v);
const copy = { ...tree, v: 7 }; console.log(copy.v, copy.kids === tree.kids, Object.keys(copy), Object.freeze([1]).length);
console.log(Object.fromEntries(Object.entries({ a: 1, b: 2 }).map(([k, v]) => [k.toUpperCase(), v * 10])));




