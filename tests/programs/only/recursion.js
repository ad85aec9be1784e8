function factorial(n) {
  return n <= 1 ? 1 : n * factorial(n - 1);
}
function gcd(a, b) {
  if (b === 0) return a;
  return gcd(b, a % b);
}
function move(count, from, to, spare) {
  if (count === 0) return 0;
  const moves = move(count - 1, from, spare, to);
  console.log(`${from}${to}`);
  return moves + 1 + move(count - 1, spare, to, from);
}
const fib = (n) => (n < 2 ? n : fib(n - 1) + fib(n - 2));
console.log(factorial(5), factorial(20), factorial(25), gcd(48, 36), fib(15));
console.log(move(3, "A", "C", "B"));
