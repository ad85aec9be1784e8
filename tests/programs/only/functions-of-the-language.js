const f = Number; console.log(f("3") + 1);

console.log(["1", "2"].map(Number), [0, 1].filter(Boolean), [1, 2].map(String));
const ops = { sqrt: Math.sqrt, up: String, num: Number, bool: Boolean };
console.log(ops.sqrt(9), ops.up(5) + "!", ops.num("4") + 1, ops.bool(""));
function apply(h, x) { return h(x); }
console.log(apply(String, 5) + "!", apply(Number, "7"), apply(Math.round, 2.5), apply(isNaN, "x"), apply(parseFloat, "2.5m"));
const pipe = (...fns) => x => fns.reduce((v, h) => h(v), x);
console.log(pipe(Number, Math.abs, String)("-4") + "!");
console.log(["a", "b"].map((s) => s.toUpperCase()), [3, 1].map(Math.sqrt));
const conv = [String, Number]; for (const c of conv) console.log(c("5"));
