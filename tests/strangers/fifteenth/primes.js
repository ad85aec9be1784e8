// prime numbers, three ways
function sieve(n) {
  const composite = new Array(n + 1).fill(false);
  const primes = [];
  for (let i = 2; i <= n; i++) {
    if (composite[i]) continue;
    primes.push(i);
    for (let j = i * i; j <= n; j += i) composite[j] = true;
  }
  return primes;
}

const isPrime = n => {
  if (n < 2) return false;
  for (let d = 2; d * d <= n; d++) if (n % d === 0) return false;
  return true;
};

function* primeNumbers() {
  let n = 2;
  while (true) {
    if (isPrime(n)) yield n;
    n++;
  }
}

console.log(sieve(50).join(','));
const first = [];
for (const p of primeNumbers()) {
  if (first.length === 10) break;
  first.push(p);
}
console.log(first);

function factorise(n) {
  const factors = {};
  let d = 2;
  while (n > 1) {
    while (n % d === 0) {
      factors[d] = (factors[d] ?? 0) + 1;
      n /= d;
    }
    d++;
  }
  return Object.entries(factors).map(([p, e]) => (e > 1 ? `${p}^${e}` : p)).join(' * ');
}
[12, 97, 360, 1001, 65536].forEach(n => console.log(n, '=', factorise(n)));
const gcd = (a, b) => b === 0 ? a : gcd(b, a % b);
const lcm = (...ns) => ns.reduce((a, b) => a * b / gcd(a, b));
console.log(gcd(84, 36), lcm(4, 6, 10));
let perfect = [];
for (let n = 2; n < 500; n++) {
  let sum = 1;
  for (let d = 2; d <= Math.sqrt(n); d++) {
    if (n % d == 0) {
      sum += d;
      if (d != n / d) sum += n / d;
    }
  }
  if (sum === n) perfect.push(n);
}
console.log('perfect:', perfect);
