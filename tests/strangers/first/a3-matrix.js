const m = [[1, 2, 3], [4, 5, 6], [7, 8, 10]];
const t = m[0].map((_, j) => m.map(r => r[j]));
const mul = (a, b) => a.map(r => b[0].map((_, j) => r.reduce((s, x, k) => s + x * b[k][j], 0)));
console.log(t);
for (const r of mul(m, t)) console.log(r.map(v => String(v).padStart(4)).join(""));
let i = 0, out = "";
do { out += m[i][i]; if (i < 2) out += ","; } while (++i < 3);
console.log(out, m.flat().filter(x => x & 1).length);
