function make(x) { console.log('made', x); return x * 2; }
const cache = { 1: 10 }; const m = new Map([['a', 1]]);
console.log(cache[1] ?? make(1), cache[2] ?? make(2));
console.log(m.get('a') ?? make(3), m.get('b') ?? make(4));
console.log(cache[1] || make(5), cache[9] || make(6));
let u; console.log(u ?? make(7)); u = 3; console.log(u ?? make(8));
u ??= make(9); cache[1] ??= make(10); cache[5] ??= make(11); cache[1] ||= make(12); console.log(cache);
const o = { v: null }; console.log(o.v ?? make(13), o.w ?? make(14), o?.z?.y ?? make(15), o.v?.k ?? 'none');
console.log(false && make(16), 0 || make(17), (1, make(18)));
const f = (x = make(19)) => x; f(1); f();
const { q = make(20), r = make(21) } = { q: 1 }; console.log(q, r);
