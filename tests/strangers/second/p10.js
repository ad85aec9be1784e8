const data = `name,age,city
Ann,23,Mossby
Bo,35,Fernton
Cy,,Mossby`;
const [head, ...rows] = data.split('\n').map(l => l.split(','));
const people = rows.map(r => Object.fromEntries(r.map((v, i) => [head[i], v])));
console.log(people[0]);
const ages = people.map(p => parseInt(p.age)).filter(n => !isNaN(n));
console.log(Math.max(...ages), Math.min(...ages), ages.reduce((a, b) => a + b) / ages.length);
const groups = people.reduce((g, p) => ({ ...g, [p.city]: [...(g[p.city] ?? []), p.name] }), {});
console.log(groups);
for (const [city, names] of Object.entries(groups)) console.log(city + ':', names.length > 1 ? names.join(' & ') : names[0]);
const set = new Set(people.map(p => p.city));
console.log(set.size, [...set], set.has('Mossby'));
console.log(people.map(({ name, ...rest }) => rest));
console.log(Object.entries({ b: 2, a: 1 }).map(([k, v]) => k + v).sort(), Object.values(groups).flat());
label: for (const x of [1, 2, 3]) { for (const y of [1, 2]) { if (x * y === 4) break label; console.log(x, y); } }
