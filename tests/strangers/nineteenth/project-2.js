const students = [
  { name: 'Willow', year: 9, scores: { maths: 71, art: 90 } },
  { name: 'Reed', year: 10, scores: { maths: 85, art: 64 } },
  { name: 'Clover', year: 9, scores: { maths: 55 } },
];
const mean = xs => xs.reduce((a, b) => a + b, 0) / xs.length;
const report = students
  .map(({ name, year, scores }) => ({ name, year, avg: +mean(Object.values(scores)).toFixed(1), subjects: Object.keys(scores) }))
  .sort((a, b) => b.avg - a.avg);
console.log(report);
for (const { name, avg, subjects: [first = '-', second = '-'] } of report) console.log(name.padEnd(8), String(avg).padStart(5), first, second);
const byYear = students.reduce((acc, s) => ({ ...acc, [s.year]: [...(acc[s.year] ?? []), s.name] }), {});
console.log(byYear, Object.entries(byYear).length);
const index = new Map(students.map(s => [s.name, s]));
console.log(index.get('Reed')?.scores.maths, index.get('Nobody')?.scores.maths, index.has('Clover'), index.size);
const unique = [...new Set(students.map(s => s.year))];
console.log(unique, Math.max(...unique), students.some(s => s.scores.art === undefined));
console.table ? console.log('table') : null;
const clone = JSON.parse(JSON.stringify(students[0])); clone.scores.maths = 0; console.log(students[0].scores.maths, clone.scores.maths);
const frozen = Object.freeze({ a: 1 }); frozen.a = 2; console.log(frozen.a, Object.isFrozen(frozen));
const pipeline = [s => s.trim(), s => s.toUpperCase(), s => s + '!'].reduce((f, g) => x => g(f(x)));
console.log(pipeline('  hello '));
function* range(from, to, step = 1) { for (let i = from; i < to; i += step) yield i; }
console.log([...range(0, 10, 3)], Array.from(range(1, 4)), Math.max(...range(0, 5)));
for (const [i, v] of [...range(5, 8)].entries()) console.log(i, v);
const tally = {}; for (const ch of 'mississippi') tally[ch] = (tally[ch] || 0) + 1; console.log(tally, Object.entries(tally).sort(([, a], [, b]) => b - a)[0]);
const words = 'the quick brown fox jumps over the lazy dog'.split(' ');
const longest = words.reduce((a, b) => b.length > a.length ? b : a); console.log(longest, words.map(w => w[0].toUpperCase() + w.slice(1)).join(' '));
console.log(words.filter((w, i, all) => all.indexOf(w) === i).length, words.sort().slice(0, 3), [..."level"].reverse().join("") === "level");
const matrix = Array.from({ length: 3 }, (_, r) => Array.from({ length: 3 }, (_, c) => r * 3 + c)); console.log(matrix, matrix[0].map((_, i) => matrix.map(r => r[i])));
const isPrime = n => { for (let i = 2; i * i <= n; i++) if (n % i === 0) return false; return n > 1; }; console.log(Array.from({ length: 30 }, (_, i) => i).filter(isPrime));
const caesar = (s, k) => s.replace(/[a-z]/gi, c => { const base = c <= 'Z' ? 65 : 97; return String.fromCharCode((c.charCodeAt(0) - base + k + 26) % 26 + base); }); console.log(caesar('Hello, World!', 3), caesar(caesar('Hello, World!', 3), -3));
const debounceLog = []; const once = fn => { let done = false, r; return (...a) => done ? r : (done = true, r = fn(...a)); }; const init = once(() => debounceLog.push('init')); init(); init(); console.log(debounceLog.length);
const gcd = (a, b) => b ? gcd(b, a % b) : a; const lcm = (a, b) => a / gcd(a, b) * b; console.log(gcd(48, 18), lcm(4, 6), [12, 18, 24].reduce(gcd));

const binary = n => n < 2 ? String(n) : binary(Math.floor(n / 2)) + n % 2; console.log(binary(37), (37).toString(2), parseInt('100101', 2), 0b11, 0xff);
outer: for (let i = 2; i < 20; i++) { for (let j = 2; j < i; j++) if (i % j === 0) continue outer; if (i > 12) break; console.log('prime', i); }
console.log([3, 1, 2].toString(), [1, 2, 3].indexOf(4), 'abc' < 'abd', [..."ab"].entries().next().value, typeof Symbol, Number.isInteger('5'));
