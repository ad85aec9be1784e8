function* take(n, it) { let i = 0; for (const x of it) { if (i++ >= n) return; yield x; } }
function* naturals() { let n = 1; while (true) yield n++; }
const primes = function* () {
  const found = [];
  for (const n of naturals()) {
    if (n > 1 && found.every(p => n % p)) { found.push(n); yield n; }
  }
};
console.log([...take(10, primes())]);
const it = take(2, 'xyz');
console.log(it.next(), it.next(), it.next());
const s = new Set([1, 2, 3, 2]);
const m = new Map([['a', 1], ['b', 2]]);
console.log(s, m, [...m.keys()], new Map([...m].map(([k, v]) => [v, k])));
m.forEach((v, k) => console.log(k, v));
const inter = new Set([...s].filter(x => new Set([2, 3, 4]).has(x)));
console.log(inter, s.has(9), m.size, [...s.entries()][0]);
const weak = { [Symbol('id')]: 3, plain: 4 };
console.log(Object.keys(weak), 010 === 8, 0b101, 0o17, 1_000);
var x = 5; { var x = 6; } console.log(x);
console.log(((a, b = a * 2, ...c) => [a, b, c])(1), void 0, [,'a'].length, [1,2,3].includes(2));
console.log("%s has %d beds and %i, %f, %j %o", "Ada", 3.5, 3.9, 1.25, { a: 1 }, [1]);
