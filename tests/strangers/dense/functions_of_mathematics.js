console.log([4, 9].map(Math.sqrt), [1.5, 2.7].map(Math.floor), [-1, 2].map(Math.abs));

const ops = { sqrt: Math.sqrt, half: x => x / 2 }; console.log(ops.sqrt(16), ops.half(4));
console.log([3, 1, 2].reduce((a, b) => Math.max(a, b)));

console.log(["1", "2"].map(Number.parseFloat), [[1, 2], [3]].map(a => a.length), Object.keys({ a: 1 }).map(String));
