const students = [
  { name: "Wren", grades: [90, 80], active: true },
  { name: "Alder", grades: [70], active: false },
  { name: "Hazel", grades: [], active: true },
];
const average = (xs) => (xs.length === 0 ? 0 : xs.reduce((a, b) => a + b, 0) / xs.length);
for (const { name, grades, active } of students) {
  console.log(`${name.padEnd(6)} ${average(grades).toFixed(1)} ${active ? "yes" : "no"}`);
}
console.log(students.filter(s => s.active).map(s => s.name).join(", "));
console.log(students.find(s => s.name === "Nobody"), students.some(s => s.grades.length > 1), students.every(s => s.active));
students.sort((a, b) => a.name.localeCompare(b.name));
console.log(students.map(s => s.name), students[0]);
