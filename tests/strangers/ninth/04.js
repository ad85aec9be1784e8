function factorial(n) { return n <= 1 ? 1 : n * factorial(n - 1); }
const fib = n => n < 2 ? n : fib(n - 1) + fib(n - 2);
console.log(factorial(5), factorial(20), factorial(25), fib(15));
function isPrime(n) { if (n < 2) return false; for (let i = 2; i * i <= n; i++) if (n % i === 0) return false; return true; }
console.log(Array.from({ length: 20 }, (_, i) => i).filter(isPrime));
const gcd = (a, b) => { while (b) [a, b] = [b, a % b]; return a; };
console.log(gcd(48, 36), [..."hello"].reverse().join(''), "level" === "level".split("").reverse().join(""));
console.log((12345).toString().split('').map(Number).reduce((a, b) => a + b), Number("12") + 1, "5" * "2", "5" + 2, "5" - 2, 10 / 4, Math.floor(10 / 4), 10 % 4);
