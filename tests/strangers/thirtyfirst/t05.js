let students = `Ash,12,A
Birch,15,B
Cedar,11,A
Elm,15,C`.split("\n").map(row => {
  let [name, age, group] = row.split(",");
  return { name, age: +age, group };
});
let oldest = students[0];
for (let s of students) {
  if (s.age > oldest.age) oldest = s;
}
console.log("Oldest:", oldest.name);
let count = 0, sum = 0;
for (let i = 0; i < students.length; i++) {
  sum += students[i].age;
  if (students[i].group == "A") count++;
}
console.log("Average:", sum / students.length, "in A:", count);
let names = [];
let i = students.length;
while (i--) names.push(students[i].name.toUpperCase());
console.log(names);
students.splice(1, 1, { name: "Fern", age: 13, group: "B" });
console.log(students.map(s => s.name).indexOf("Fern"));
let sorted = [...students].sort((x, y) => x.age > y.age ? 1 : x.age < y.age ? -1 : 0);
console.table(sorted.map(s => ({ name: s.name, age: s.age })));
let text = "";
outer: for (let s of students) {
  for (let ch of s.name) {
    if (ch === "e") {
      text += s.name + " has an e\n";
      continue outer;
    }
    if (ch === "x") break outer;
  }
  text += s.name + " has no e\n";
}
console.log(text.trimEnd());
let lookup = new Map(students.map(s => [s.name, s]));
console.log(lookup.get("Elm").group, lookup.has("Oak"), lookup.size);
let unique = new Set(students.map(s => s.group));
console.log([...unique].sort().join(""));
console.log(students.flatMap(s => [s.name, s.age]).slice(0, 4));
console.log(Array.from("abc", c => c + c), Array.of(1, 2), [3, 1, 2].sort().reverse());
let copy = JSON.parse(JSON.stringify(students[0]));
copy.name = "Copy";
console.log(students[0].name, copy);
delete copy.age;
console.log("age" in copy, Object.keys(copy).length, typeof copy.age);
switch (true) {
  case sum > 100: console.log("big"); break;
  case sum > 40: console.log("medium");
  default: console.log("fell");
}
do { sum -= 20; } while (sum > 0);
console.log(sum, 7 % 3, -7 % 3, 2 ** 10, 7 / 2 | 0, ~~-3.7, 0.1 + 0.2, 1 / 0, "5" * "2", "5" + 2, [] + [], null ?? "none");
