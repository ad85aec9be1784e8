function isPrime(n) {
  if (n < 2) return false;
  for (let d = 2; d <= Math.sqrt(n); d++) if (n % d === 0) return false;
  return true;
}
const primes = [];
for (let n = 0; primes.length < 10; n++) if (isPrime(n)) primes.push(n);
console.log(primes.join());
const factor = (n, d = 2, out = []) => n === 1 ? out : n % d ? factor(n, d + 1, out) : factor(n / d, d, [...out, d]);
console.log(factor(360));
const fib = n => n < 2 ? n : fib(n - 1) + fib(n - 2);
console.log(fib(15), [..."12345"].reduce((s, d) => s + +d, 0));
console.log((255).toString(16), parseInt("ff", 16), (5).toString(2).padStart(8, 0), 0.1 + 0.2, (0.1 + 0.2).toFixed(1), 7 / 2 | 0, -7 % 3, 2 ** 10, Math.trunc(-2.5));
console.log(Number("12px"), parseInt("12px"), Number(""), Number(null), Number(undefined), +true, "5" * "2", "5" + 2, 5 + +"2", [] + {}, typeof NaN);
console.log(1 / 0, -1 / 0, 0 / 0, Number.MAX_SAFE_INTEGER, 1e21, 123456789012345680000, 1e-7);
