// Student grades
const students = [
  { name: "Ada", grades: [90, 85, 77] },
  { name: "Ben", grades: [60, 72] },
  { name: "Cleo", grades: [] },
];

const average = (xs) => xs.length === 0 ? null : xs.reduce((a, b) => a + b, 0) / xs.length;

const toLetter = (n) => {
  switch (true) {
    case n >= 90: return "A";
    case n >= 80: return "B";
    case n >= 70: return "C";
    default: return "D";
  }
};

students.forEach(({ name, grades }) => {
  const avg = average(grades);
  console.log(`${name.padEnd(6)} ${avg === null ? "-" : avg.toFixed(1)} ${avg === null ? "" : toLetter(avg)}`.trimEnd());
});

const best = students
  .filter((s) => s.grades.length > 0)
  .map((s) => ({ ...s, avg: average(s.grades) }))
  .sort((a, b) => b.avg - a.avg)[0];
console.log(best);

const byInitial = students.reduce((acc, s) => {
  const key = s.name[0];
  (acc[key] ||= []).push(s.name);
  return acc;
}, {});
console.log(byInitial);

const flat = students.flatMap((s) => s.grades);
console.log(Math.max(...flat), Math.min(...flat), flat.includes(72), flat.indexOf(85), flat.some((g) => g < 60), flat.every((g) => g > 50));
console.log([...new Set(flat.map((g) => toLetter(g)))].sort().join(","));
const copy = structuredClone(students);
copy[0].grades.push(100);
console.log(students[0].grades.length, copy[0].grades.at(-1));
