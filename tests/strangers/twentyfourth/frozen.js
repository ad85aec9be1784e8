const D = Object.freeze(["a", "b"]);
console.log(Array.isArray(D), D.length, D instanceof Array, JSON.stringify(D), Object.isFrozen(D), D);
const O = Object.freeze({a: 1}); O.a = 2; console.log(O, typeof O, Array.isArray(O));
