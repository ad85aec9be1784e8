const lines = require('fs').readFileSync(0, 'utf8').trim().split('\n');
const n = parseInt(lines[0], 10);
const people = [];
for (let i = 1; i <= n; i++) {
  const [name, age, ...hobbies] = lines[i].split(' ');
  people.push({ name, age: +age, hobbies });
}
const adults = people.filter(p => p.age >= 18);
console.log(`${adults.length} of ${n} are adults`);
const groups = new Map();
for (const p of people) {
  for (const h of p.hobbies) {
    if (!groups.has(h)) groups.set(h, []);
    groups.get(h).push(p.name);
  }
}
for (const [h, names] of [...groups].sort()) console.log(h + ': ' + names.join(' & '));
console.log(groups.size, [...groups.keys()], people.find(p => p.name === 'Moss')?.age, people.find(p => p.name === 'Nobody')?.age);
const oldest = people.reduce((a, b) => (b.age > a.age ? b : a));
console.log(oldest.name, people.some(p => p.hobbies.includes('chess')), people.every(p => p.age > 1), people.findIndex(p => p.age < 15));
