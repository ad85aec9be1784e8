let n = 5, o = { k: 1 };
console.log(n++ + ++n, n--, --n, n += 2, n **= 2, n %= 5, n ||= 9, n &&= 0, n ??= 1);
function f(a, b) { return [a, b]; }
let m;
console.log(f(m = 3, m + 1), m, f(o.k = 7, o.k), Math.max(n = 4, n + 1), n);
console.log(String(n = "a"), n);
