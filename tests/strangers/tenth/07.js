const words = `the fern and the moss and the ivy`.split(/\s+/);
const freq = new Map();
for (const w of words) freq.set(w, (freq.get(w) || 0) + 1);
const sorted = [...freq].sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
for (const [w, n] of sorted) console.log(`${w.padEnd(6)}${'*'.repeat(n)}`);
console.log(Object.fromEntries(freq));

const memo = {};
const fib = n => n in memo ? memo[n] : (memo[n] = n < 2 ? n : fib(n - 1) + fib(n - 2));
console.log(fib(50));
console.log(10n ** 20n, BigInt(2) ** 64n);

const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const double = x => x * 2, inc = x => x + 1;
console.log(compose(double, inc)(5));
const curry = f => a => b => f(a, b);
console.log([1, 2, 3].map(curry((a, b) => a * b)(10)));

function counter(start = 0) {
  let n = start;
  return { up: () => ++n, down: () => --n, get value() { return n; } };
}
const c = counter(5);
c.up(); c.up(); c.down();
console.log(c.value);
const [a, , b = 'none', ...others] = [1, 2, undefined, 4, 5];
console.log(a, b, others);
let x = 1, y = 2;
[x, y] = [y, x];
console.log(x, y, `${x > y ? 'swapped' : 'same'}`);
console.log([3, 1, 2].toString(), String([1, [2, 3]]), `${{}}`, [] + 'x');
label: for (let i = 0; i < 3; i++) {
  for (let j = 0; j < 3; j++) {
    if (j === 2) continue label;
    if (i === 2) break label;
    console.log(i, j);
  }
}
