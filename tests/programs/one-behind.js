let n = 3;
let total = 0;
while (n > 0) {
  total += n--;
}
console.log(total, n);
const out = ["", ""];
let at = 0;
for (const w of ["a", "b"]) {
  out[at++] = w;
}
console.log(out, at);
n++;
console.log(n);
