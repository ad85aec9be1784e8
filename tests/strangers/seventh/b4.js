let marks = [72, 45, 90, 61, 38];
let sum = 0;
for (let i in marks) {
  sum += marks[i];
}
let avg = sum / marks.length;
console.log("Average: " + avg.toFixed(1));
function grade(m) {
  switch (true) {
    case m >= 70: return "A";
    case m >= 60: return "B";
    case m >= 40: return "C";
    default: return "F";
  }
}
for (let m of marks) console.log(m, grade(m));
var best = Math.max(...marks), worst = Math.min.apply(null, marks);
console.log(best - worst);
do { marks.pop(); } while (marks.length > 2);
console.log(marks, marks.includes(45), marks.indexOf(90));
let i = 10;
while (i --> 7) console.log(i);
console.log(typeof avg, typeof marks, typeof undefined, typeof grade);
console.log(parseInt("42px"), Number("3.5"), isNaN("x"), +"7" + 1, "5" * "2");
console.log([1, 2, 3] + "", null ?? "d", 0 || "z", "" && 1);
