let x = 1, y;
if (x) x = 5, y = 6;
x = 2, y = 3;
for (let a = 0, b; a < 3; a++) { b = a; }
const q = [1, 2];
for (; q.length; q.pop()) console.log(q);
function f() { return console.log('a'), 7; }
if (y > 2) ; else console.log("no");
console.log(x, y, f());
