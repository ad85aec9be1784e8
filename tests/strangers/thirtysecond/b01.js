'use strict';
/* Seed library: array methods, objects, destructuring */
const seeds = [
  { id: 1, name: 'Pea', grams: 40, tags: ['green', 'spring'] },
  { id: 2, name: 'Leek', grams: 15, tags: ['green', 'winter'] },
  { id: 3, name: 'Marigold', grams: 5, tags: ['flower', 'summer'] },
  { id: 4, name: 'Kale', grams: 25, tags: ['green', 'winter', 'hardy'] },
];

const byTag = seeds.reduce((acc, { name, tags }) => {
  for (const tag of tags) {
    (acc[tag] ||= []).push(name);
  }
  return acc;
}, {});
console.log(byTag);
console.log(Object.entries(byTag).map(([tag, names]) => `${tag}: ${names.length}`).join('; '));

const { name: firstName, ...others } = seeds[0];
console.log(firstName, others);
const heavy = seeds.filter(({ grams }) => grams > 10).sort((a, b) => b.grams - a.grams);
console.table && console.log(heavy.map(s => s.name));
const total = seeds.map(s => s.grams).reduce((a, b) => a + b);
console.log(`total ${total} g, mean ${(total / seeds.length).toFixed(2)}`);
const copy = structuredClone(seeds);
copy[0].tags.push('new');
console.log(seeds[0].tags.length, copy[0].tags.at(-1));
console.log(seeds.some(s => s.tags.includes('hardy')), seeds.every(s => s.grams > 5));
const lookup = new Map(seeds.map(s => [s.id, s]));
console.log(lookup.get(3)?.name ?? 'none', lookup.get(9)?.name ?? 'none');
console.log([...lookup.keys()], lookup.size);
console.log(seeds.flatMap(s => s.tags).filter((t, i, all) => all.indexOf(t) === i));
