function counter() {
  let n = 0;
  return { inc: () => ++n, dec: () => --n, value: () => n };
}
const a = counter(), b = counter();
a.inc(); a.inc(); b.dec();
console.log(a.value(), b.value());
const fns = [];
for (let i = 0; i < 3; i++) fns.push(() => i * 10);
console.log(fns.map(f => f()));
var vs = [];
for (var j = 0; j < 3; j++) vs.push(() => j);
console.log(vs.map(f => f()), j);
const pipe = (...fs) => x => fs.reduce((v, f) => f(v), x);
console.log(pipe(x => x + 1, x => x * 2, String)(4) + '!');
const curry = f => a => b => f(a, b);
console.log(curry((a, b) => a ** b)(2)(5));
function sum() { let s = 0; for (const x of arguments) s += x; return s; }
console.log(sum(1, 2, 3));
console.log((function () { return 'iife'; })(), (() => ({ k: 1 }))());
const debounceLog = (f, seen = []) => (x) => { if (!seen.includes(x)) { seen.push(x); f(x); } };
const once = debounceLog(console.log);
once(1); once(1); once(2);
