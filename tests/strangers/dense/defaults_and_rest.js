const fn = (u, v = 2, ...rest) => u + v + rest.length;
console.log(fn(1, 1, 1, 1));
console.log(fn(1));
function g(u, v = 2, ...rest) { return u + v + rest.length; }
console.log(g(1, 1, 1, 1));
console.log(g(1));
