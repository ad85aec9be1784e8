const a = []; a.length = 3; 
const g = new Array(2);
for (let i = 0; i < g.length; i++) { g[i] = new Array(3); for (let j = 0; j < 3; j++) g[i][j] = i * j; }
console.log(g);
const n = 4; const sq = new Array(n); for (let i = 0; i < n; i++) sq[i] = i * i; console.log(sq.join(' '), sq.length);
const m = Array(3); m[0] = 'x'; console.log(m, m[2], m.length, m[1] === undefined);
let e = new Array(); e.push(3); console.log(e);
a.length = 0; console.log(a);
const c = [1,2,3,4]; c.length = 2; console.log(c); c.length--; console.log(c); c.length = 3; console.log(c);
