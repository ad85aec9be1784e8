let x = 5;
const y = x++ + ++x;
console.log(x, y, x-- - 1, x);
const a = [1,2,3]; let i = 0;
const o = { n: 1 };
console.log(a[i++], a[i++], i, o.n++, o.n, --o.n, a[0]--, a);
const f = () => i++;
f(); f();
console.log(i);
let m;
if ((m = a.length) > 2) console.log("many", m);
function g(k) { return o[k] = k.length; }
console.log(g("abc"), o);
while (i--) console.log(i);
a.forEach((v, j) => (o[j] = v * 2));
console.log(o, i);
let s = 0, t = 0;
s = x + x++ + x;
console.log(s, x);
