function f(a, ...rest) { return rest.length + a; }
console.log(f(1, 2, 3), f(1));
const all = (...n) => { return n.reduce((a, b) => a + b, 0); };
console.log(all(1, 2, 3), all(), all(...[4, 5]), all(1, ...[4, 5]));
