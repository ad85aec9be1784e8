"use strict";

function isPrime(n) {
  if (n < 2) return false;
  for (let d = 2; d * d <= n; d++) if (n % d === 0) return false;
  return true;
}

const primes = Array.from({ length: 50 }, (_, i) => i).filter(isPrime);
console.log(primes.join(" "));

function factors(n) {
  const out = [];
  for (let d = 2; n > 1; d++) {
    while (n % d === 0) {
      out.push(d);
      n /= d;
    }
  }
  return out;
}
for (const n of [12, 97, 360, 1001]) console.log(`${n} = ${factors(n).join(" x ")}`);

const gcd = (a, b) => (b === 0 ? a : gcd(b, a % b));
const lcm = (a, b) => (a / gcd(a, b)) * b;
console.log(gcd(84, 36), lcm(4, 6));

const fact = (n) => (n <= 1 ? 1 : n * fact(n - 1));
console.log([1, 2, 3, 10, 20].map(fact));

function toBinary(n) {
  let bits = "";
  do {
    bits = (n % 2) + bits;
    n = Math.floor(n / 2);
  } while (n > 0);
  return bits;
}
console.log(toBinary(10), (10).toString(2), parseInt("1010", 2), (255).toString(16).toUpperCase());
let fizz = [];
for (let i = 1; i <= 15; i++) {
  fizz.push(i % 15 === 0 ? "FizzBuzz" : i % 5 === 0 ? "Buzz" : i % 3 === 0 ? "Fizz" : i);
}
console.log(fizz.join());
let sum = 0, i = 0;
while (true) {
  i++;
  if (i % 2) continue;
  if (i > 10) break;
  sum += i;
}
console.log("sum", sum, i);
console.log(Math.max(...primes), Math.min(), Math.round(2.5), Math.round(-2.5), Math.trunc(-4.7), Math.sign(-3), Math.hypot(3, 4), Math.cbrt(27));
console.log(0.1 + 0.2, 1 / 3, 1e21, 1e-7, -0, 5 / 0, 0 / 0, 2 ** 10, 7 % -3, -7 % 3);
console.log(Number("12px"), parseInt("12px"), parseFloat("3.5kg"), Number(""), Number(true), +"7", isNaN("x"), Number.MAX_SAFE_INTEGER);
