function fib(n, memo = {}) {
  if (n in memo) return memo[n];
  if (n <= 2) return 1;
  return (memo[n] = fib(n - 1, memo) + fib(n - 2, memo));
}
console.log(fib(50));
function* primes() {
  const found = [];
  for (let n = 2; ; n++) {
    if (found.every(p => n % p !== 0)) { found.push(n); yield n; }
  }
}
const out = [];
for (const p of primes()) { if (p > 40) break; out.push(p); }
console.log(out.join(' '));
const gcd = (a, b) => b ? gcd(b, a % b) : a;
console.log(gcd(84, 36), [12, 18, 30].reduce(gcd));
const factorial = n => n < 2n ? 1n : n * factorial(n - 1n);
console.log(factorial(20n).toString(), String(factorial(25n)));
console.log((255).toString(2), parseInt('ff', 16), Number('0b101'), (0.1 + 0.2).toFixed(2));
let n = 27, steps = 0;
while (n !== 1) { n = n % 2 ? 3 * n + 1 : n / 2; steps++; }
console.log(steps);
const matrix = Array.from({ length: 3 }, (_, i) => Array.from({ length: 3 }, (_, j) => i * 3 + j));
const transpose = m => m[0].map((_, c) => m.map(r => r[c]));
console.log(transpose(matrix));
console.log(matrix.map(r => r.join('\t')).join('\n'));
console.log(Math.max(...matrix.flat()), Math.hypot(3, 4), Math.sign(-3), Math.trunc(-4.7), Math.cbrt(27));
outer: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (i * j === 2) { console.log(i, j); break outer; } } }
