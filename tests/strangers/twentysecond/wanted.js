function add(a, b) { return a + b; }
const f = (a, b = 2) => { const t = a + b; return t; };
const g = (a, b, c) => a + b + c;
function len(fn) { return fn.length; }
console.log(len(add), len(f), len(g), len((...a) => a), add.length, f.length, len(function (x) { return x; }), [1, 2].length);
