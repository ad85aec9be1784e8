const N = 5;
function f(x = N, y = x * 2) {
  return x + y;
}
const g = (a, b = N) => a + b;
console.log(f(), f(1), f(1, 1), g(1), g(1, 2));
