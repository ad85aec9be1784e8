var total = 0;
var prices = [3.5, 2.25, 10];
for (var i = 0; i < prices.length; i++) {
  total = total + prices[i];
}
console.log("Total: " + total);
console.log("Average: " + (total / prices.length).toFixed(2));
var names = new Array();
names.push("Ash");
names[1] = "Bryn";
names[names.length] = "Cleo";
console.log(names.length + " names: " + names);
function greet(name) {
  if (name == undefined) {
    name = "nobody";
  }
  return "Hello, " + name + "!";
}
console.log(greet("Ash"));
console.log(greet());
var student = { name: "Dara", marks: [7, 9, 4] };
student.average = function () {
  var s = 0;
  for (var m in this.marks) s += this.marks[m];
  return s / this.marks.length;
};
console.log(student.name + " has " + student.average().toFixed(1));
var text = "";
for (var row = 1; row <= 4; row++) {
  for (var col = 1; col <= row; col++) {
    text += "*";
  }
  text += "\n";
}
console.log(text);
var guess = 37, low = 1, high = 100, tries = 0, mid;
while (mid != guess) {
  mid = Math.floor((low + high) / 2);
  tries++;
  if (mid < guess) low = mid + 1;
  else if (mid > guess) high = mid - 1;
}
console.log("Found " + mid + " in " + tries + " tries");
console.log("5" + 3, "5" - 3, "5" * "2", 5 + +"3", "5" == 5, "5" === 5, null == undefined, true + 1);
var day = 3, word;
switch (day) {
  case 1: word = "Monday"; break;
  case 2: word = "Tuesday"; break;
  case 3: word = "Wednesday"; break;
  default: word = "?";
}
console.log(word);
console.log(typeof names, Array.isArray(names), typeof null, typeof greet);
var i = 10;
do { i -= 3; console.log(i); } while (i > 0);
for (var a = 0, b = 10; a < b; a += 2, b--) console.log(a, b);
console.log(names.join(" & "), names.slice().reverse(), names.concat(["Eli"]).length, names.pop(), names.shift(), names);
