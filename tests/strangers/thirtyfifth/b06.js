let output = "";
for (let i = 1; i <= 20; i++) {
  output += i % 15 == 0 ? "FizzBuzz" : i % 5 == 0 ? "Buzz" : i % 3 == 0 ? "Fizz" : i;
  output += i < 20 ? " " : "\n";
}
console.log(output.trim());
const matrix = Array.from({ length: 3 }, (_, r) => Array.from({ length: 4 }, (_, c) => r * 4 + c));
console.log(matrix.map(r => r.map(n => String(n).padStart(3)).join("")).join("\n"));
const t = matrix[0].map((_, c) => matrix.map(r => r[c]));
console.table(t);
const [first, , third = 'none', ...others] = [1, 2, undefined, 4, 5];
console.log(first, third, others);
const { a: { b: deep = 7 } = {}, ...remaining } = { x: 1, y: 2 };
console.log(deep, remaining);
label: for (let i = 0; i < 3; i++) for (let j = 0; j < 3; j++) {
  if (j === 2) continue label;
  if (i === 2) break label;
  console.log(i, j);
}
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => b - a));
console.log("a-b-c".replaceAll("-", "+"), "abc".at(-1), [..."été"].reverse().join(""));
console.log(Number("12px"), parseInt("12px"), +"", isNaN("x"), 0.1 + 0.2, (0.1 + 0.2).toFixed(2));
console.log([1, [2, [3, [4]]]].flat(Infinity), Object.entries({ q: 1 }), typeof null);
