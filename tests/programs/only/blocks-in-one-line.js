let x = 10; { let x = 20; console.log(x); } console.log(x);
function f() { { const z = 3; console.log(z); } return 4; }
console.log(f());
for (let i = 0; i < 2; i++) { { let i = 7; console.log(i); } console.log(i); }
var v = 1; { var v = 2; } console.log(v);
var plot = 1;
for (let plot = 5; plot < 7; plot++) console.log(plot);
console.log(plot);
function beds() { var y = 1; if (true) { let y = 2; y++; console.log(y); } return y; }
console.log(beds(), plot);
if (plot) { const plot = "in"; console.log(plot); }
console.log(plot);
for (var i = 0; i < 2; i++) { let i = 9; console.log(i); }
