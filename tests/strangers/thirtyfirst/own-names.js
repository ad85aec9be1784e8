function Bed(n) { this.n = n; this.m = 2; }
Bed.prototype.water = function () { return 1; };
const b = new Bed(3);
for (const k in b) { if (b.hasOwnProperty(k)) { console.log(k, b[k]); } }
for (const k in b) if (Object.hasOwn(b, k)) console.log(k);
for (const k in b) { if (b.hasOwnProperty(k)) console.log(k); }
