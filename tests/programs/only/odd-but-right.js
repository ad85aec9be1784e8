'use strict';
{
  const inner = 3;
  console.log(inner);
}
let x = 1;;
for (let i = 0, j = 10; i < j; i++, j--) { x += i * j; }
console.log(x);
const f = (n) => { return n * 2; };
const g = n => n + 1;
console.log([1, 2, 3].map(f).map(g));
if (x > 5) console.log("big"); else console.log("small");
const o = { a: 1, 'b-c': 2, 3: "three", };
console.log(o['b-c'], o[3]);
var y = 10, z;
z = y > 5 ? "yes" : "no";
console.log(z);
function noArgs() { return; }
noArgs();
console.log(typeof z === "string", isNaN("x"), Array.isArray([1]));
const [p, q] = [1, 2];
console.log(`${p}-${q}`);
let s = 0;
const few = [1, 2, 3];
few.forEach(function (n) { s += n; });
console.log(s);
do { s--; } while (s > 0);
console.log(s);
console.log("done");
