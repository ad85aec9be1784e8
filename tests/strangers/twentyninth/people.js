const fs = require('fs');
const input = fs.readFileSync(0, 'utf8').trim().split('\n');
const [n, k] = input[0].split(' ').map(Number);
const rows = input.slice(1, n + 1).map(l => l.trim().split(/\s+/));
const people = rows.map(([name, age, city]) => ({ name, age: +age, city }));
const byCity = {};
for (const p of people) {
  if (!byCity[p.city]) byCity[p.city] = [];
  byCity[p.city].push(p);
}
for (const city in byCity) {
  const list = byCity[city].sort((a, b) => a.age - b.age);
  console.log(`${city}: ${list.map(p => p.name + '(' + p.age + ')').join(', ')}`);
}
const avg = people.reduce((s, p) => s + p.age, 0) / people.length;
console.log('average', avg.toFixed(1), Math.round(avg * 100) / 100);
console.log(people.filter(p => p.age > avg).slice(0, k).map(p => p.name.toUpperCase()));
const oldest = people.reduce((a, b) => (b.age > a.age ? b : a));
console.log(oldest, people.indexOf(oldest), Object.values(byCity).map(l => l.length));
let out = '';
for (let i = 0; i < 3; i++) { for (let j = 0; j <= i; j++) out += '*'; out += '\n'; }
process.stdout.write(out);
console.log([..."mississippi"].reduce((m, c) => m.set(c, (m.get(c) ?? 0) + 1), new Map()));
const str = 'The quick brown fox';
console.log(str.split(' ').map(w => w[0].toLowerCase() + w.slice(1).toUpperCase()).join(' '), str.length, str.indexOf('quick'), str.substring(4, 9), str.substr(-3), str.charAt(100) === '');
console.log(parseInt('08'), Number(''), Number('abc'), +true, '5' * '2', '5' + 2, 5 + +'2', '10' > '9', 10 > '9', null + 1, undefined + 1, [1, 2] + '', !!'0', !!NaN);
var a = [5, 25, 100, 1]; a.sort(); console.log(a); a.sort((x, y) => y - x); console.log(a, a.length, a.pop(), a.shift(), a.splice(0, 1), a, a.concat([7], 8), a.join());
console.log(typeof null, typeof [], typeof (() => 1), typeof undefined, typeof NaN, isNaN('x'), Array.isArray([]), [] instanceof Object, 0 === -0, NaN === NaN);
