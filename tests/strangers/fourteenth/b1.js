var total = 0;
var names = new Array();
names[0] = "pea";
names[1] = "kale";
names[names.length] = "rose";
for (var i = 0; i < names.length; i++) {
  total += names[i].length;
}
console.log("i is " + i + ", total " + total);
var n = 17, isPrime = true;
for (var d = 2; d < n; d++) {
  if (n % d == 0) { isPrime = false; break; }
}
console.log(isPrime, d);
function find(list, what) {
  for (var i = 0; i < list.length; i++) {
    if (list[i] === what) break;
  }
  return i;
}
console.log(find(names, "rose"), find(names, "leek"));
var s = "";
for (var row = 1; row <= 3; row++) {
  for (var col = 1; col <= row; col++) s += "*";
  s += "\n";
}
console.log(s + row + col);
var x = 10;
while (x-- > 5) ;
console.log(x);
var str = "garden school";
var out = "";
for (var k = str.length - 1; k >= 0; k--) out += str.charAt(k);
console.log(out, k);
var count = {};
for (var c of str) { if (count[c]) count[c]++; else count[c] = 1; }
for (var key in count) if (count[key] > 1) console.log(key + ": " + count[key]);
console.log(typeof count, typeof s, typeof total, typeof find, typeof undefined, typeof null);
var a = "5", b = 2;
console.log(a + b, a - b, a * b, +a + b, a / b, a == 5, a === 5, "b" > "a", "10" < "9", 10 < 9);
console.log(1 / 0, -1 / 0, 0 / 0, 7 % 3, -7 % 3, 2 ** 10, 0.1 + 0.2, 1e21, 123456789 * 987654321);
console.log(parseInt("42px"), Number("42px"), Number(""), parseFloat("3.14abc"), Math.round(-2.5), Math.round(2.5));
if (names.length) console.log("some"); if (!"") console.log("empty");
switch (names[0]) { case "kale": console.log("k"); case "pea": console.log("p"); case "x": console.log("x"); break; default: console.log("d"); }
var m = [[1, 2], [3, 4]]; var t = [];
for (var i = 0; i < 2; i++) { t[i] = []; for (var j = 0; j < 2; j++) t[i][j] = m[j][i]; }
console.log(t, i, j);
do { var guess = Math.floor(3.7); total -= guess; } while (total > 0);
console.log(total, guess);
label: for (var p = 0; p < 3; p++) { for (var q = 0; q < 3; q++) { if (q == 1) continue label; if (p == 2) break label; console.log(p, q); } }
console.log(p, q);
