const h = function () { return 1; }, k = () => 4;
let p = (a) => { return a; }, q = 3;
console.log(h(), k(), p(2), q);
function over(a) { var a; return a; }
var v = 1; var v; var v, w = 4; console.log(over(5), v, w);
for (var i = 0; i < 2; i++) { var last = i; } var i; console.log(i, last);
