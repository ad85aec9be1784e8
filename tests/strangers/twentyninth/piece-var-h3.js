function g() { console.log(typeof a, a); var a = 2; console.log(a); if (true) { var b = 1; } console.log(b); } g();
