const log = [];
function f(a) { return log.push(a); }
console.log(f(3));
if (log.push(1, 2) > 2) console.log('full');
console.log(log.unshift(9), log);
const s = { a: [] };
const n = s.a.push('x') - 1; console.log(n);
class K { constructor() { this.q = []; } add(x) { return this.q.push(x); } }
console.log(new K().add(3));
