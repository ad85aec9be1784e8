const people = [
  { name: "Tansy", age: 12, pets: ["cat"] },
  { name: "Moss", age: 14, pets: [] },
  { name: "Fern", age: 12, pets: ["dog", "hen"] },
];
people.sort((a, b) => a.age - b.age || a.name.localeCompare(b.name));
console.log(people.map((p) => p.name));
const byAge = {};
for (const { name, age } of people) {
  if (!byAge[age]) byAge[age] = [];
  byAge[age].push(name);
}
console.log(byAge);
const total = people.reduce((sum, { pets }) => sum + pets.length, 0);
console.log(total);
const oldest = people.reduce((a, b) => (a.age > b.age ? a : b));
console.log(oldest.name, oldest?.pets?.length, oldest.phone?.number ?? "none");
people.forEach((p, i) => { console.log(i + 1 + ". " + p.name); });
const [x, y = 5] = [1];
console.log(x, y);
let [a, b] = [1, 2];
[a, b] = [b, a];
console.log(a, b);
console.log(people.flatMap((p) => p.pets), Object.values({ a: 1 }), Object.assign({}, { q: 1 }, { r: 2 }));
delete people[0].age;
console.log(people[0], "age" in people[0]);
