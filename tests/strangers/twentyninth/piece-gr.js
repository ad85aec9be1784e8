function* steps() { console.log('begin'); yield 1; console.log('middle'); yield 2; console.log('end'); return 'r'; }
for (const s of steps()) console.log('got', s);
const it = steps();
console.log(it.next(), it.next());
console.log(it.next(), it.next());
function* count(n) { if (n < 0) return 'negative'; for (let i = 0; i < n; i++) yield i; return n; }
console.log([...count(3)], count(-1).next(), [...count(-2)]);
const [a, b] = count(5); console.log(a, b);
class T { *walk() { yield 'a'; return 'done'; } }
const w = new T().walk();
let r;
while (!(r = w.next()).done) console.log(r.value);
console.log(r.value);
