function adder(a) { return b => a + b; }
console.log(adder(1)(2));
console.log(adder(1)(2) + adder(3)(4));
function add3(a) { return function (b) { return function (c) { return a + b + c; }; }; }
console.log(add3(1)(2)(3));
const mul = a => b => a * b;
console.log(mul(3)(4));
