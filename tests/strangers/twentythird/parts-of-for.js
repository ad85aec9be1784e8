let i, j;
for (i = 0, j = 5; i < j; i++, j--) console.log(i, j);
for (let a = 0, b; a < 3; a++) { b = a * 2; console.log(a, b); }
const o = { n: 3, list: [1, 2] };
for (; o.n > 0; o.n--) console.log(o.n);
for (o.n = 0; o.n < 2; o.n += 1) console.log('n', o.n);
for (let q = [3, 1]; q.length; q.pop()) console.log(q);
let x = 1, y; x = 2, y = 3; console.log(x, y);
if (x) x = 5, y = 6;
console.log(x, y);
let n;
for (n = 1; n < 5; n++);
console.log(n);
for (let k = 0; k < 6; console.log('step', k), k += 2) { console.log('body'); }
function f() { return console.log('a'), 7; }
console.log(f());
i = j = 3, console.log(i, j);
