const students = [
  { name: "Fern", scores: [80, 90] },
  { name: "Moss", scores: [55, 60, 70] },
];
const average = arr => arr.reduce((a, b) => a + b, 0) / arr.length;
students.forEach(s => { s.avg = average(s.scores); });
for (const s of students) {
  let grade;
  if (s.avg >= 80) grade = "A";
  else if (s.avg >= 60) grade = "B";
  else grade = "C";
  console.log(s.name.padEnd(6), s.avg.toFixed(1), grade);
}
const top = students.find(s => s.avg > 80);
console.log(top?.name, students.map(s => s.name).join("/"), students.filter(s => s.avg < 70).length);
const sorted = students.slice().sort((x, y) => x.avg - y.avg);
console.log(sorted[0].name, students[0].name);
console.log(JSON.stringify(students[0]));
console.log(Object.keys(students[0]), Object.values({ a: 1, b: [2] }));
