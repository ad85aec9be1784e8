var students = [
  { name: "Moss", grades: [3, 4, 5], age: 14 },
  { name: "Ivy", grades: [5, 5], age: 15 },
  { name: "Reed", grades: [], age: 14 },
];
function average(list) {
  if (list.length == 0) return null;
  var s = 0;
  for (var i = 0; i < list.length; i++) s += list[i];
  return s / list.length;
}
for (var k = 0; k < students.length; k++) {
  var st = students[k];
  var avg = average(st.grades);
  document_write(st.name + ": " + (avg === null ? "no grades" : avg.toFixed(1)));
}
function document_write(s) { console.log(s); }
students.sort(function (a, b) { return a.age - b.age || b.name.localeCompare(a.name); });
console.log(students.map(function (s) { return s.name; }).join(" < "));
var byAge = {};
students.forEach(function (s) { if (!byAge[s.age]) byAge[s.age] = []; byAge[s.age].push(s.name); });
console.log(byAge);
for (var age in byAge) console.log(age, typeof age, byAge[age].length);
var copy = JSON.parse(JSON.stringify(students));
copy[0].name = "changed";
console.log(students[0].name, copy[0].name, copy.length === students.length);
var i = 10;
while (i --> 7) console.log(i);
do { i += 2; } while (i < 10);
console.log(i, i++ + ++i, i);
var x = "5", y = 2;
console.log(x + y, x - y, x * y, x / y, +x + y, x == 5, x === 5, "b" > "a", "10" < "9", 10 < 9);
switch (typeof x) { case "string": console.log("text"); break; case "number": console.log("num"); }
console.log([1, 2, 3] + "", String(null), [] + "x", !!"", !!"0", isNaN("x"), 0.1 + 0.2 == 0.3);
var fns = [];
for (let j = 0; j < 3; j++) fns.push(function () { return j * j; });
console.log(fns.map(function (f) { return f(); }));
(function () { var hidden = 1; console.log("iife", hidden, typeof hidden); })();
console.log(typeof hidden, Math.max.apply(null, [1, 5, 3]), parseInt("42abc"), (255).toString(2).length);
var date = { y: 2031, m: 4, d: 9 };
function pad(n) { return n < 10 ? "0" + n : "" + n; }
console.log(date.y + "-" + pad(date.m) + "-" + pad(date.d));
outer: for (var r = 0; r < 3; r++) { for (var c = 0; c < 3; c++) { if (r * c == 2) break outer; if (c > r) continue outer; console.log(r, c); } }
