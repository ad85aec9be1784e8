const rows = 3, cols = 4;
let m = [];
for (let r = 0; r < rows; r++) {
    m[r] = [];
    for (let c = 0; c < cols; c++) m[r][c] = r * cols + c;
}
console.log(m);
const t = m[0].map((_, c) => m.map(row => row[c]));
console.log(t);
const mul = (a, b) => a.map(row => b[0].map((_, j) => row.reduce((s, v, k) => s + v * b[k][j], 0)));
console.table && console.log(mul(m, t));
const rotate = g => g[0].map((_, i) => g.map(r => r[i]).reverse());
console.log(rotate([[1, 2], [3, 4]]).map(r => r.join(' ')).join('\n'));
const spiral = g => {
    const out = [];
    const a = g.map(r => r.slice());
    while (a.length) {
        out.push(...a.shift());
        for (const r of a) if (r.length) out.push(r.pop());
        if (a.length) out.push(...a.pop().reverse());
        for (let i = a.length - 1; i >= 0; i--) if (a[i].length) out.push(a[i].shift());
    }
    return out;
};
console.log(spiral(m).toString());
const grid = Array.from({ length: 5 }, () => Array(5).fill('.'));
for (let i = 0; i < 5; i++) { grid[i][i] = '\\'; grid[i][4 - i] = i == 2 ? 'X' : '/'; }
console.log(grid.map(r => r.join('')).join('\n'));
outer: for (let r = 0; r < rows; r++) {
    for (let c = 0; c < cols; c++) {
        if (m[r][c] % 7 === 6) {
            console.log(`found ${m[r][c]} at ${r},${c}`);
            break outer;
        }
        if (c > r) continue outer;
    }
}
const sums = m.map(r => r.reduce((a, b) => a + b));
console.log(sums, Math.max(...sums), Math.min.apply(null, sums), m.flat().length);
const identity = n => [...Array(n)].map((_, i) => [...Array(n)].map((_, j) => +(i === j)));
console.log(identity(3));
const copy = JSON.parse(JSON.stringify(m)); copy[0][0] = 99;
console.log(m[0][0], copy[0][0], copy.at(-1).at(-1));
const deep = structuredClone(m); deep[1].length = 1;
console.log(deep, m[1].length);
const [[, second], , [...last]] = m;
console.log(second, last);
console.log(m.some(r => r.includes(7)), m.findIndex(r => r.indexOf(9) >= 0), m.findLast(r => r[0] < 8));
