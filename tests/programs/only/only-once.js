function* g() { yield 1; yield 2; yield 3; }
const a = g();
for (const x of a) if (x === 1) break;
console.log([...a]);
