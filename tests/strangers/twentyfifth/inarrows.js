const f = (xs, k) => xs.map((y) => { const z = y * k; return z + 1; });
console.log(f([1, 2], 3));
const put = (xs) => xs.forEach((y) => { console.log(y); });
put([1]);
function g(xs) { return xs.map((y) => { const z = y * 2; return z + 1; }); }
console.log(g([4]));
const h = xs => xs.filter(x => { if (x > 2) return true; return false; }).map(x => x * 2);
console.log(h([1, 2, 3]));
const w = (xs) => xs.forEach((y, i) => { if (y > i) { console.log(y); } });
w([1, 0, 5]);
