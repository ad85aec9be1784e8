const ops = { "+": (a, b) => a + b };
console.log(Object.entries(ops).map(([s, f]) => f(5, 3)));
console.log(Object.entries(ops).map(([s, f]) => `${s}=${f(5, 3)}`));
console.log([[1, x => x * 2]].map(([n, g]) => g(n)));
