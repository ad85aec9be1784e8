// Gradebook
const students = [
  { name: "Alder", grades: { maths: 4, art: 5, sport: 3 } },
  { name: "Birch", grades: { maths: 2, art: 4 } },
  { name: "Cedar", grades: { maths: 5, art: 5, sport: 4 } },
];

const average = (list) => list.reduce((a, b) => a + b, 0) / list.length;

const report = students.map(s => ({
  ...s,
  average: Math.round(average(Object.values(s.grades)) * 100) / 100,
}));

report.sort((a, b) => b.average - a.average || a.name.localeCompare(b.name));
for (const [i, { name, average }] of report.entries()) {
  console.log(`${(i + 1).toString().padStart(2)}. ${name.padEnd(8, ".")}${average.toFixed(2)}`);
}

const bySubject = {};
for (const { name, grades } of students) {
  for (const [subject, grade] of Object.entries(grades)) {
    (bySubject[subject] ??= []).push({ name, grade });
  }
}
for (const subject in bySubject) {
  const best = bySubject[subject].reduce((a, b) => (b.grade > a.grade ? b : a));
  console.log(subject, "->", best.name, bySubject[subject].length);
}
console.log(students.some(s => s.grades.sport === undefined), students.every(s => "art" in s.grades));
console.log(JSON.stringify(report[0]));
console.log(students.map(s => s.grades?.sport ?? "-").join(" | "));
const { name: first, grades: { maths, ...others } } = students[0];
console.log(first, maths, others);
