let students = [
  { name: "Ada", marks: [78, 92, 88], group: "a" },
  { name: "Bo", marks: [60, 55], group: "b" },
  { name: "Cy", marks: [], group: "a" },
  { name: "Dee", marks: [99, 100, 97, 98], group: "b" },
];
function average(list) {
  if (!list.length) return null;
  let sum = 0;
  for (let i = 0; i < list.length; i++) {
    sum += list[i];
  }
  return sum / list.length;
}
function grade(avg) {
  if (avg === null) { return "-"; }
  else if (avg >= 90) { return "A"; }
  else if (avg >= 75) { return "B"; }
  else { return "C"; }
}
students.forEach(function (s) {
  s.average = average(s.marks);
  s.grade = grade(s.average);
});
for (let s of students) {
  console.log(s.name + "\t" + (s.average === null ? "none" : s.average.toFixed(1)) + "\t" + s.grade);
}
let groups = {};
for (let s of students) {
  if (!groups[s.group]) groups[s.group] = [];
  groups[s.group].push(s.name);
}
console.log(groups);
for (let g in groups) console.log(g.toUpperCase(), groups[g].join(", "));
let best = students.reduce((b, s) => (s.average > b.average ? s : b));
console.log("best:", best.name, best.marks.at(-1), Math.min(...best.marks));
console.log(students.some(s => s.grade == "A"), students.every(s => s.marks.length > 0));
console.log(students.map(({ name, grade }) => ({ name, grade })));
let byGrade = new Map();
students.forEach(s => byGrade.set(s.grade, [...(byGrade.get(s.grade) ?? []), s.name]));
console.log(byGrade, byGrade.size, [...byGrade.keys()]);
let unique = new Set(students.flatMap(s => s.marks.map(m => Math.floor(m / 10) * 10)));
console.log(unique, [...unique].sort((a, b) => a - b));
let copy = students.map(s => ({ ...s, marks: s.marks.slice() }));
copy[0].marks.push(0); copy[0].name = "Eve";
console.log(students[0].marks.length, students[0].name, copy[0]);
let i = students.findIndex(s => s.name === "Cy");
let [gone] = students.splice(i, 1);
console.log(gone.name, students.length, students.indexOf(gone), students.includes(best));
console.log(average([]) + 1, undefined + 1, "5" * "2", "5" + 2, [1, 2] + "", String(null), Boolean(""), !!"0");
