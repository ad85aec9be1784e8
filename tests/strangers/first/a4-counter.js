let n = 27, k = 0, peak = n;
while (n !== 1) { n = n % 2 ? 3 * n + 1 : n / 2; k++; if (n > peak) peak = n; }
console.log(`${k} steps, peak ${peak}`);
const a = [5, 3, 8, 1];
let j = 0;
const b = [];
while (j < a.length) b.push(a[j++] * 2);
console.log(b, j);
let x = 5;
const y = x++ + ++x;
console.log(x, y, x-- - 1, x);
outer: for (let p = 2; p < 30; p++) {
  for (let q = 2; q * q <= p; q++) if (p % q === 0) continue outer;
  if (p > 20) { console.log("first prime above 20:", p); break outer; }
}
