const names = ["a", "b"];
for (let i = 0; names[i]; i++) console.log(names[i]);
let rows = [[1], []];
for (let i = 0; rows[i]; i++) console.log(rows[i]);
const m = { a: { n: 1 } };
for (let k = "a"; m[k]; k += "a") console.log(k);
