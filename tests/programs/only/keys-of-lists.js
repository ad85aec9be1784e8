const p = [90, 95, 88];
for (let i in p) console.log(i, p[i], typeof i, i + 1);
function f(q) { let t = 0; for (const i in q) t += q[i]; return t; }
console.log(f(p), f({a: 1, b: 2}));
const rs = [{n: "x", points: [1, 2]}];
for (let j = 0; j < rs.length; j++) { const { n, points } = rs[j]; for (let i in points) console.log(n, i, points[i]); }
for (const c in "ab") console.log(c);
