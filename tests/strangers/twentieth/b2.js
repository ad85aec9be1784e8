const people = [
  { name: "Ash", age: 12, town: "Fernhollow", pets: ["cat", "hen"] },
  { name: "Bryn", age: 15, town: "Millbrook", pets: [] },
  { name: "Cleo", age: 12, town: "Fernhollow", pets: ["dog"] },
  { name: "Dara", age: 9, town: "Millbrook", pets: ["newt", "cat"] },
];
const groupBy = (list, key) => list.reduce((acc, item) => {
  (acc[item[key]] ||= []).push(item.name);
  return acc;
}, {});
console.log(groupBy(people, "town"));
console.log(groupBy(people, "age"));
console.log([...people].sort((p, q) => p.age - q.age || q.name.localeCompare(p.name)).map((p) => p.name));
const pets = [...new Set(people.flatMap((p) => p.pets))].sort();
console.log(pets, pets.length);
const counts = new Map();
people.forEach(({ pets }) => pets.forEach((p) => counts.set(p, (counts.get(p) ?? 0) + 1)));
console.log([...counts].filter(([, n]) => n > 1), counts.size, counts);
for (const [i, { name, age: years = 0, ...rest }] of people.entries()) {
  console.log(i, name, years, Object.keys(rest).join("/"));
}
const avg = people.reduce((s, { age }) => s + age, 0) / people.length;
console.log(avg, Math.min(...people.map((p) => p.age)), people.findLast((p) => p.age === 12).name);
console.log(people.map(({ name }, i) => `${i + 1}:${name[0]}`).join(" "));
const [oldest, ...others] = [...people].sort((a, b) => b.age - a.age);
console.log(oldest.name, others.length);
const matrix = [[1, 2], [3, 4], [5, 6]];
console.log(matrix[0].map((_, c) => matrix.map((r) => r[c])), matrix.flat().reduceRight((a, b) => a + "-" + b));
let table = "";
for (let r = 1; r <= 3; r++) {
  table += Array.from({ length: 4 }, (_, c) => String(r * (c + 1)).padStart(3)).join("") + "\n";
}
console.log(table.trimEnd());
const chunk = (a, n) => a.length ? [a.slice(0, n), ...chunk(a.slice(n), n)] : [];
console.log(chunk([1, 2, 3, 4, 5], 2));
const zip = (...as) => as[0].map((_, i) => as.map((a) => a[i]));
console.log(zip([1, 2], ["a", "b"]));
const range = (from, to, step = 1) => Array.from({ length: Math.ceil((to - from) / step) }, (_, i) => from + i * step);
console.log(range(0, 10, 3), range(2, 5));
console.log(Object.entries({ b: 1, a: 2, 3: "x", 1: "y" }));
const inverted = Object.fromEntries(Object.entries({ x: "1", y: "2" }).map(([k, v]) => [v, k]));
console.log(inverted, "x" in { x: undefined }, delete inverted["1"], inverted);
console.log([3, 20, 100].sort(), [3, 20, 100].sort((a, b) => b - a), ["é", "z", "a"].sort(), [undefined, 3, null, 1].sort());
console.log([1, , 3].length, [5, 1].toString(), String([1, [2, 3]]), [] + [], [] == false, [0] == false, null + 1, undefined + 1, "3" * "4", true + true);
console.log(parseInt("08"), Number("0x1f"), Number(" 12 "), Number("1,2"), (12.345).toFixed(2), (0.000001234).toString(), 1e21 + 1, (1234.5678).toFixed(1), 0.1 * 3);
console.log("abc".at(-1), "a-b_c".split(/[-_]/), "x".repeat(0) === "", "abc".localeCompare("abd"), "Hello".replace(/l/g, "L"), "camelCaseWord".replace(/[A-Z]/g, (m) => "_" + m.toLowerCase()));
label: for (const p of people) {
  for (const pet of p.pets) {
    if (pet === "dog") { console.log("dog found at", p.name); break label; }
  }
}
const date = "2026-03-01".split("-").map(Number);
console.log(date, date.map((n) => n.toString().padStart(2, "0")).join("."));
console.log([10, 1, 5].map(parseInt), ["1", "2", "3"].map(Number), [1, 2, 3, 4].findLastIndex((x) => x % 2), [[1, 2], [3]].map(([a, b = "none"]) => b));
