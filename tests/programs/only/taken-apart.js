const people = [{ name: "A", age: 3, pets: ["cat"] }, { name: "B", age: 2, pets: [] }];
people.sort((a, b) => a.age - b.age);
for (const { name, age } of people) console.log(name, age);
for (const { name, pets: [first = "none"] } of people) {
  console.log(name, first);
}
function area({ w, h = 2 }) { return w * h; }
console.log(area({ w: 3 }), area({ w: 2, h: 5 }));
const total = [{ p: 1 }, { p: 2 }].reduce((sum, { p }) => sum + p, 0);
console.log(total);
const { name, marks: [first, ...others] } = { name: "T", marks: [1, 2, 3] };
console.log(name, first, others);
const [x, y = 5, ...z] = [1];
console.log(x, y, z);
const p = { a: 1, b: 2 };
const { a, b: other, c = 9 } = p;
console.log(a, other, c);
const counts = { pear: 2, fig: 5 };
Object.entries(counts).forEach(([key, value]) => { console.log(key, value); });
console.log(Object.entries(counts).map(([k, v]) => `${k}${v}`), Object.entries(counts).sort(([, one], [, two]) => two - one));
for (const [k, v] of Object.entries(counts)) console.log(k, v);
const show = ([left, right]) => {
  return left + right;
};
console.log(show([1, 2]), people.map(({ name }) => name), people.filter(({ age }) => age > 2).length);
const [q] = [7];
console.log(q);
people.forEach(({ name: who }) => console.log(who));
