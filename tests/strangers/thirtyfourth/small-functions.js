function fib(n, memo = {}) {
  if (n in memo) return memo[n];
  if (n <= 2) return 1;
  return memo[n] = fib(n - 1, memo) + fib(n - 2, memo);
}
const gcd = (a, b) => b === 0 ? a : gcd(b, a % b);
function* range(from, to, step = 1) { for (let i = from; i < to; i += step) yield i; }
const isPrime = n => { for (let i = 2; i * i <= n; i++) if (n % i === 0) return false; return n > 1; };
console.log(fib(50), gcd(1071, 462), [...range(0, 20, 3)]);
console.log([...Array(30).keys()].filter(isPrime).join(' '));
const reverse = s => [...s].reverse().join('');
const isPalindrome = s => { const t = s.toLowerCase().replace(/[^a-z]/g, ''); return t === reverse(t); };
for (const s of ['Never odd or even', 'Compost', 'Was it a rat I saw?']) console.log(s, isPalindrome(s));
const fizz = Array.from({ length: 15 }, (_, i) => i + 1).map(n => (n % 3 ? '' : 'Fizz') + (n % 5 ? '' : 'Buzz') || n);
console.log(fizz.join());
const matrix = [[1, 2], [3, 4], [5, 6]];
const transpose = m => m[0].map((_, c) => m.map(r => r[c]));
console.log(transpose(matrix), matrix.flat(), Math.max(...matrix.flat()));
const counts = {};
for (const ch of 'mississippi') counts[ch] = (counts[ch] || 0) + 1;
console.log(counts, Object.entries(counts).sort(([, a], [, b]) => b - a)[0]);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2)(5));
function counter() { let n = 0; return { up: () => ++n, down: () => --n, get value() { return n; } }; }
const c = counter(); c.up(); c.up(); c.down();
console.log(c.value, c);
const bin = n => n === 0 ? '0' : (n > 1 ? bin(n >> 1) : '') + (n & 1);
console.log(bin(37), (37).toString(2), parseInt('100101', 2), 0b100101, 0xff, 5 / 0, -7 % 3, 2 ** 10);
const collatz = n => { let steps = 0; while (n !== 1) { n = n % 2 ? 3 * n + 1 : n / 2; steps++; } return steps; };
let best = 1; for (let i = 1; i < 100; i++) if (collatz(i) > collatz(best)) best = i;
console.log(best, collatz(best));
outer: for (let i = 2; i < 10; i++) { for (let j = 2; j < i; j++) { if (i % j == 0) continue outer; if (i > 8) break outer; } console.log(i); }
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 1e21, 1 / 3, 123456789 * 1000, Number.MAX_SAFE_INTEGER, NaN === NaN, [] + [], typeof null);
