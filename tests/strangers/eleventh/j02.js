function* range(from, to, step = 1) {
  for (let i = from; i < to; i += step) yield i;
}
console.log([...range(0, 10, 3)]);
for (const x of range(1, 4)) console.log(x ** 2);

const memo = new Map();
function fib(n) {
  if (n < 2) return n;
  if (memo.has(n)) return memo.get(n);
  const value = fib(n - 1) + fib(n - 2);
  memo.set(n, value);
  return value;
}
console.log(fib(50), memo.size);

const words = 'the quick brown fox jumps over the lazy dog the end'.split(' ');
const counts = words.reduce((m, w) => m.set(w, (m.get(w) || 0) + 1), new Map());
console.log([...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, 3));
console.log(new Set(words).size, [...new Set(words)].filter(w => w.length > 4));

const matrix = Array.from({ length: 3 }, (_, r) => Array.from({ length: 3 }, (_, c) => r * 3 + c));
console.log(matrix.map(row => row.join('\t')).join('\n'));
const transposed = matrix[0].map((_, c) => matrix.map(row => row[c]));
console.log(transposed);
console.log(matrix.flat().filter(n => n % 2).map(n => n * n));

let s = '';
outer: for (let i = 0; i < 4; i++) {
  for (let j = 0; j < 4; j++) {
    if (j === 2) continue outer;
    if (i === 3) break outer;
    s += `${i}${j} `;
  }
}
console.log(s.trim());
const text = 'Hello, Fernhollow!';
console.log(text.replace(/l+/g, m => m.toUpperCase()), text.match(/[A-Z]/g), /^hello/i.test(text));
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b), [1, 2, 3].includes(2));
console.log(parseInt('42px'), Number('4.5'), Number('x'), +'7', 0.1 + 0.2, 5 / 0, typeof null, typeof [], typeof (() => 1));
console.log([1, [2, [3, [4]]]].flat(Infinity), 'abc'.padStart(5, '*'), 'x'.repeat(3), [..."héllo"].reverse().join(''));
switch (words.length) {
  case 10:
  case 11: console.log('about ten'); break;
  default: console.log('else');
}
var x = 10; { let x = 20; console.log(x); } console.log(x);
console.log([10, 20, 30].indexOf(20), [1, 2, 3, 4].splice(1, 2), Math.max(...[4, 9, 2]), Math.round(-2.5), (1234.5678).toFixed(1));
