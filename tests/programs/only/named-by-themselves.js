var fall = function f(n) {
  return n < 2 ? 1 : n * f(n - 1);
};
let rows = function list(k) { return k === 0 ? [] : list(k - 1).concat(k); };
console.log(fall(5), rows(3), [3, 4].map(function twice(n) { return n * 2; }));
