const d = [];
(function fill(x, n) {
  if (n === 0) return;
  d.push(x * n);
  fill(x, n - 1);
})(3, 4);
console.log(d);
console.log([5, 3].map(function fact(n) { return n < 2 ? 1 : n * fact(n - 1); }));
const o = { f: function g(n) { return n ? g(n - 1) + 1 : 0; } };
console.log(o.f(4), Number('0b11'), Number('0o17'));
class A {}
console.log(typeof A);
