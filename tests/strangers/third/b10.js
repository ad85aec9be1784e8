const sum = (...nums) => nums.reduce((a, b) => a + b, 0);
console.log(sum(1, 2, 3), sum());
(function () {
  const hidden = "inside";
  console.log(hidden);
})();
(() => { console.log("arrow"); })();
const memo = {};
const fib = (n) => {
  if (n <= 1) return n;
  if (memo[n]) return memo[n];
  return (memo[n] = fib(n - 1) + fib(n - 2));
};
console.log(fib(50));
const isEven = function (n) { return n % 2 === 0; };
console.log([1, 2, 3, 4].filter(isEven));
console.log(`sum:
${1 + 2}`);
const d = [3, 1, 2].map(String);
console.log(d, ["1", "2"].map(Number));
console.log(Number.isInteger(5.0), (5).toFixed(2), (255).toString(16), parseInt("ff", 16), (1234.5).toLocaleString !== undefined);
var hoisted = 1; { let hoisted = 2; console.log(hoisted); } console.log(hoisted);
const o = { ["k" + 1]: true, "two words": 2 };
console.log(o.k1, o["two words"]);
console.error("to stderr");
console.table;
