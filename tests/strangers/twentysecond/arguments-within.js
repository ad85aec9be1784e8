var all = function () { return Array.prototype.slice.call(arguments).map(function (x) { return x * 2; }); };
console.log(all(1, 2), all());
function outer() { return function () { return arguments.length; }; }
console.log(outer()(9), outer()(1, 2));
function both() { const n = arguments.length; return function () { return n * 10 + arguments.length; }; }
console.log(both()(7, 7, 7));
const inArrow = function () { return [1, 2].map(x => x + arguments.length); };
console.log(inArrow(5, 5, 5));
