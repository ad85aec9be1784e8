function wrap(fn) { return function () { console.log('before'); var r = fn.apply(this, arguments); return r; }; }
var w = wrap(function (a, b) { return a * b; });
console.log(w(3, 4));
function once(fn) { var done = false, r; return (...args) => { if (!done) { done = true; r = fn(...args); } return r; }; }
var o = once(() => { console.log('x'); return 5; }); console.log(o(), o());
function debounce(fn) { return (...args) => fn.apply(null, args); }
console.log(debounce(Math.pow)(2, 5), debounce((a, b) => a - b)(2, 5));
