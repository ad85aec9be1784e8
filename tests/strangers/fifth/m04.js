function isPrime(n) {
  if (n < 2) return false;
  for (let i = 2; i <= Math.sqrt(n); i++) {
    if (n % i === 0) return false;
  }
  return true;
}
const primes = [];
for (let n = 0; primes.length < 10; n++) if (isPrime(n)) primes.push(n);
console.log(primes);
function factorial(n) { return n === 0 ? 1 : n * factorial(n - 1); }
const gcd = (a, b) => { while (b) { [a, b] = [b, a % b]; } return a; };
console.log(factorial(10), factorial(20), gcd(48, 18));
let fib = [0, 1];
for (let i = 2; i < 10; i++) fib[i] = fib[i - 1] + fib[i - 2];
console.log(fib.join(" "));
const binary = n => n.toString(2).padStart(8, "0");
console.log(binary(37), parseInt("100101", 2), (255).toString(16));
let n = 27, steps = 0;
while (n !== 1) { n = n % 2 ? 3 * n + 1 : n / 2; steps++; }
console.log(steps);
console.log([..."12321"].reverse().join("") === "12321", Math.max(...primes), Math.min(3, 1, 2), Math.round(2.567 * 100) / 100);
