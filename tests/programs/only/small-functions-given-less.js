const n = _ => ({ a: 1 }), add = (a, b) => a + b, show = (x, y) => `${x}-${y}`;
console.log(n().a, add(1), show(1), show(), [1, 2].map((x, i, all) => all.length), (x => x)());
function call(f) { return f(5); } console.log(call((a, b) => [a, b]));
