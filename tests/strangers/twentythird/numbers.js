const isPrime = n => { if (n < 2) return false; for (let i = 2; i * i <= n; i++) if (n % i === 0) return false; return true; };
const range = (from, to, step = 1) => Array.from({ length: Math.max(0, Math.ceil((to - from) / step)) }, (_, i) => from + i * step);
const gcd = (a, b) => b ? gcd(b, a % b) : a;
const fact = n => n <= 1n ? 1n : n * fact(n - 1n);
const digits = n => [...String(n)].map(Number);
function primeFactors(n) {
  const out = {};
  for (let p = 2; n > 1; p++) while (n % p === 0) { out[p] = (out[p] ?? 0) + 1; n /= p; }
  return out;
}
function toRoman(n) {
  const table = { M: 1000, CM: 900, D: 500, CD: 400, C: 100, XC: 90, L: 50, XL: 40, X: 10, IX: 9, V: 5, IV: 4, I: 1 };
  let s = '';
  for (const sym in table) while (n >= table[sym]) { s += sym; n -= table[sym]; }
  return s;
}
function stats(...xs) {
  const n = xs.length, mean = xs.reduce((a, b) => a + b) / n;
  const sorted = xs.slice().sort((a, b) => a - b);
  const median = n % 2 ? sorted[n >> 1] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
  const sd = Math.sqrt(xs.map(x => (x - mean) ** 2).reduce((a, b) => a + b, 0) / (n - 1));
  return { n, mean, median, sd: +sd.toFixed(4), min: sorted[0], max: sorted[n - 1] };
}
console.log(range(1, 50).filter(isPrime).join(' '));
console.log(gcd(1071, 462), fact(25n), String(fact(20n)).length, typeof 1n);
console.log(primeFactors(360), primeFactors(97));
console.log([4, 9, 14, 1994, 2024].map(toRoman));
console.log(stats(4, 8, 15, 16, 23, 42));
console.log(range(1, 500).filter(n => digits(n).reduce((s, d, _, a) => s + d ** a.length, 0) === n));
console.log(range(10, 0, -3), range(0, 1, 0.25));
for (let i = 1; i <= 15; i++) process.stdout.write((i % 15 ? i % 5 ? i % 3 ? i : 'Fizz' : 'Buzz' : 'FizzBuzz') + (i < 15 ? ',' : '\n'));
const sieve = n => { const s = new Array(n + 1).fill(true); s[0] = s[1] = false; for (let i = 2; i <= n; i++) if (s[i]) for (let j = i * i; j <= n; j += i) s[j] = false; return s.reduce((a, v, i) => v ? [...a, i] : a, []); };
console.log(sieve(40).slice(-3), sieve(1000).length);
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 1 / 3, 1e21, 123456789012345680000, -0, [-0], 5 % -3, -5 % 3, 2 ** -1);
console.log(Number('12a'), Number(''), Number(null), Number(true), Number([5]), parseInt('0x1A'), parseFloat('.5'), (25).toString(36));
console.log(Math.max(), Math.min(), Math.round(-1.5), Math.round(2.5), Math.floor(-0.5), Infinity - Infinity, 1 / 0, isNaN('x'), isFinite('5'));
console.log((1234567.891).toLocaleString('en-US'), (0.5).toFixed(0), (1.005).toFixed(2), (1e-7).toString(), 1e6.toString());
const collatz = (n, steps = 0) => n === 1 ? steps : collatz(n % 2 ? 3 * n + 1 : n / 2, steps + 1);
const [longest] = range(1, 100).map(n => [n, collatz(n)]).sort((a, b) => b[1] - a[1]);
console.log(longest, Number.EPSILON > 0, Number.isInteger(5.0), Number.isSafeInteger(2 ** 53));
let x = 7; x **= 2; x ||= 5; x &&= x - 1; let y = null; y ??= x; x >>= 1; x ^= 3;
console.log(x, y, x++ + ++x, x--, x);
console.log([10, 9, 8].entries().next().value, [...[5, 6].keys()], Array.isArray(digits(5)), [1, [2, [3, [4]]]].flat(Infinity));
