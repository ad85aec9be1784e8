const m = {}; function k() { console.log("k"); return "a"; }
m[k()] ??= 4;
m[k()] ||= 5;
m[k()] &&= 6;
m.b ??= 3;
let x = (m[k()] ??= 9);
m[k()] += 1;
const y = m[k()]++;
console.log(m, x, y);
