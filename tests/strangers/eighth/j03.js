const pupils = [
  { name: 'Wren', marks: [7, 9, 8], club: 'chess' },
  { name: 'Finch', marks: [5, 6], club: null },
  { name: 'Lark', marks: [10], club: 'art' },
];
const average = (xs) => xs.reduce((a, b) => a + b, 0) / xs.length;
const rows = pupils.map(({ name, marks, club }) => ({ name, mean: average(marks), club: club ?? 'none' }));
rows.sort((a, b) => b.mean - a.mean || a.name.localeCompare(b.name));
rows.forEach((row, i) => console.log(`${i + 1}. ${row.name.padEnd(8, '.')}${row.mean.toFixed(1).padStart(6)} ${row.club}`));
const byClub = rows.reduce((acc, row) => {
  (acc[row.club] ||= []).push(row.name);
  return acc;
}, {});
console.log(byClub, Object.keys(byClub).length);
const { name: first, ...rest } = rows[0];
console.log(first, rest);
const matrix = Array.from({ length: 3 }, (_, i) => Array.from({ length: 3 }, (_, j) => i * 3 + j));
console.log(matrix.map((r) => r.join(' ')).join('\n'));
console.log(matrix[0].map((_, c) => matrix.map((r) => r[c])), matrix.flat().filter((n) => n % 2));
console.log([3, 1, 10, 2].sort(), [3, 1, 10, 2].sort((a, b) => a - b), [..."hello"].reverse().join(''));
console.log([1, 2, 3].includes(2), [1, 2, 3].indexOf(5), ['a', 'b'].concat(['c'], 'd'), [1, [2, [3]]].flat(Infinity));
console.log(typeof null, typeof undefined, typeof [], typeof (() => 1), NaN === NaN, 0.1 + 0.2, 1 / 0, -7 % 3, 2 ** 10, 7 / 2 | 0);
console.log(parseInt('12px'), Number('12px'), Number(''), +'3.5', '5' * '2', '5' + 2, [] + [], [10, 9, 8].toString());
const words = 'the quick brown the lazy the end'.split(' ');
const counts = new Map();
for (const w of words) counts.set(w, (counts.get(w) || 0) + 1);
console.log([...counts.entries()].filter(([, n]) => n > 1), counts.size, new Set(words).size);
console.log(words.some((w) => w.startsWith('q')), words.every((w) => w.length > 2), words.findIndex((w) => w === 'lazy'), words.at(-1));
let i = 0;
do {
  i += 2;
  if (i === 4) continue;
  process.stdout.write(i + ' ');
} while (i < 8);
console.log();
label: for (let a = 1; a < 4; a++) for (let b = 1; b < 4; b++) { if (a * b === 4) { console.log(a, b); break label; } }
