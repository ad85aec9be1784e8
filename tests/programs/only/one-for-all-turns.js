var fs = [];
for (var i = 0; i < 3; i++) fs.push(() => i);
console.log(fs.map(f => f()), i);
function go() { var gs = []; for (var k = 0; k < 2; k++) { gs.push(function () { return k; }); } return gs[0]() + gs[1](); }
console.log(go());
