let [a, b] = [0, 1];
const list = [];
while (a < 50) {
  list.push(a);
  [a, b] = [b, a + b];
}
console.log(list.join(" "));
const fib = (n) => (n < 2 ? n : fib(n - 1) + fib(n - 2));
console.log(fib(15));
