let lo = 0, hi = 5;
lo > 1 ? console.log("big") : console.log("small");
hi === 5 ? (lo = 3, hi = 4) : (lo = 9);
console.log(lo, hi);
hi && (lo = 7);
hi && console.log("and", lo);
const f = n => n > 2 ? lo = n : hi = n;
f(3); f(1); console.log(lo, hi);
