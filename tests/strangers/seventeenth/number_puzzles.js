function isPrime(n) {
    if (n < 2) return false;
    for (let i = 2; i * i <= n; i++) {
        if (n % i === 0) return false;
    }
    return true;
}
function gcd(a, b) { return b === 0 ? a : gcd(b, a % b); }
const digits = n => [...String(n)].map(Number);
const factorial = n => n <= 1n ? 1n : n * factorial(n - 1n);
function collatz(n) {
    const seq = [n];
    while (n != 1) {
        n = n % 2 == 0 ? n / 2 : 3 * n + 1;
        seq.push(n);
    }
    return seq;
}
function toRoman(n) {
    const table = [[1000, 'M'], [900, 'CM'], [500, 'D'], [400, 'CD'], [100, 'C'], [90, 'XC'], [50, 'L'], [40, 'XL'], [10, 'X'], [9, 'IX'], [5, 'V'], [4, 'IV'], [1, 'I']];
    let out = '';
    for (const [value, letters] of table) {
        while (n >= value) { out += letters; n -= value; }
    }
    return out;
}
let primes = [];
for (let i = 0; primes.length < 12; i++) isPrime(i) && primes.push(i);
console.log(primes.join());
console.log(gcd(84, 36), [12, 18, 30].reduce((a, b) => gcd(a, b)));
console.log(digits(90210), digits(90210).reduce((a, d) => a + d, 0));
console.log(factorial(20n), String(factorial(25n)).length, typeof 5n);
console.log(collatz(6).join(' -> '));
console.log([1994, 2026, 49].map(toRoman));
console.log((255).toString(16), (10).toString(2).padStart(8, '0'), parseInt('ff', 16), Number('0b101'));
const perfect = [];
for (let n = 2; n < 500; n++) {
    let sum = 1;
    for (let d = 2; d <= Math.sqrt(n); d++) if (n % d == 0) sum += d + (d * d !== n ? n / d : 0);
    if (sum === n) perfect.push(n);
}
console.log(perfect);
const sieve = new Array(50).fill(true);
sieve[0] = sieve[1] = false;
for (let i = 2; i < sieve.length; i++) {
    if (!sieve[i]) continue;
    for (let j = i * i; j < sieve.length; j += i) sieve[j] = false;
}
console.log(sieve.map((p, i) => p ? i : null).filter(Boolean).length);
do {
    primes = primes.filter(p => p > 10);
} while (primes.length > 8);
console.log(primes.at(-1), primes.slice(-2), Math.trunc(-4.7), Math.sign(-3), Math.hypot(3, 4));
console.log(Number.MAX_SAFE_INTEGER, 1e21, 1 / 3, 100 / 3 .toFixed(1), 5e-7);
console.log(isNaN('x'), [1, 2, 3] + '', [] + 1, true + 1, [10, 9, 1].sort().toString());
