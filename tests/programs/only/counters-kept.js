let k;
let last = 0;
function sum() { for (k = 1; k <= 4; k++) last += k; }
sum();
console.log(last, k);
function names() { for (k of ["a", "b"]) last += k; }
names();
console.log(last, k);
let a, b;
function two() { for (a = 0, b = 5; a < b; a++, b--) last += "."; }
two();
console.log(last, a, b);
function inner() { let k; for (k of [7]) { } for (k = 0; k < 2; k++) last += "!"; return k; }
console.log(inner(), k);
