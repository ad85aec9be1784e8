// functions, arrays and objects, beginner style
let scores = [88, 92, 75, 63, 99];
let total = 0;
for (let i = 0; i < scores.length; i++) {
  total += scores[i];
}
let average = total / scores.length;
console.log("Average: " + average);
console.log("Average: " + average.toFixed(1) + "%");

function getGrade(score) {
  if (score >= 90) {
    return "A";
  } else if (score >= 80) {
    return "B";
  } else if (score >= 70) {
    return "C";
  } else {
    return "F";
  }
}
for (let score of scores) {
  console.log(score, getGrade(score));
}
const student = {
  firstName: "Robin",
  lastName: "Wood",
  age: 15,
  subjects: ["maths", "art"],
  address: { street: "1 Mill Lane", town: "Fernhollow" },
  fullName: function () {
    return this.firstName + " " + this.lastName;
  },
  birthday() {
    this.age++;
    return this.age;
  },
};
console.log(student.fullName(), student.birthday(), student["age"], student.subjects[1], student.address.town);
student.email = "robin@example.org";
delete student.lastName;
console.log(student);
for (let key in student) {
  if (typeof student[key] !== "function") console.log(key + ": " + student[key]);
}
let numbers = [1, 2, 3, 4, 5, 6];
let doubled = numbers.map(function (n) { return n * 2; });
let evens = numbers.filter(n => n % 2 === 0);
let sum = numbers.reduce((acc, n) => acc + n);
console.log(doubled, evens, sum);
numbers.push(7); numbers.unshift(0); let last = numbers.pop(); let first = numbers.shift();
console.log(numbers, last, first, numbers.indexOf(3), numbers.includes(9), numbers.join("-"), numbers.slice(1, 3), numbers.concat([8]), numbers.length);
let i = 0;
while (true) {
  i++;
  if (i === 2) continue;
  if (i > 4) break;
  console.log("i =", i);
}
const fruits0 = [1,2,3];
let text = "Hello, World";
console.log(text.length, text.toUpperCase(), text.indexOf("o"), text.lastIndexOf("o"), text.charAt(4), text[0], text.substring(7), text.replace("World", "There"), text.split(", "), text.includes("World"));
let reversed = "";
for (let j = text.length - 1; j >= 0; j--) reversed += text[j];
console.log(reversed);
switch (fruits0.length) {
  case 1:
  case 2:
    console.log("few");
    break;
  case 3:
    console.log("three");
    break;
  default:
    console.log("many");
}
const isEven = n => n % 2 === 0;
const greet = (name = "friend") => `Hi ${name}!`;
console.log(isEven(4), greet(), greet("Ivy"), typeof greet, typeof text, typeof 4.5, typeof true, typeof student, typeof undefined);
console.log(10 / 3, 10 % 3, 2 ** 8, Math.floor(7 / 2), Math.round(4.5), Math.max(3, 9, 2), parseInt("10px"), parseFloat("3.5"), Number("7") + 1, "5" + 5, "5" - 2, 0.1 + 0.2);
console.log(5 == "5", 5 === "5", null == undefined, !true, true && "yes", false || "no", null ?? "default", [] + [], NaN);
let matrix = [[1, 2, 3], [4, 5, 6], [7, 8, 9]];
for (let r = 0; r < matrix.length; r++) {
  let line = "";
  for (let c = 0; c < matrix[r].length; c++) line += matrix[r][c] + "\t";
  console.log(line);
}
console.log(matrix, matrix.flat(), matrix[1][2]);
let [x, y] = [1, 2]; [x, y] = [y, x]; console.log(x, y);
let { age, address: { town } } = student; console.log(age, town);
let copy = [...numbers]; copy.push(99); let merged = { ...student, age: 99 }; console.log(copy.length, numbers.length, merged.age, student.age);
var counter = 0; function increment() { counter++; return counter; } increment(); increment(); console.log(counter);
const fruits = ["kiwi", "apple", "fig"]; fruits.sort(); console.log(fruits, fruits.reverse(), fruits.sort((a, b) => a.length - b.length));
fruits.forEach((f, idx) => console.log(idx + 1 + ". " + f));
console.log(fruits.find(f => f.length > 4), fruits.some(f => f.startsWith("k")), fruits.every(f => f.length > 2), Array.isArray(fruits), fruits.at(-1));
