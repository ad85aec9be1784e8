function day(n) {
  switch (n) {
    case 0:
    case 6:
      return "weekend";
    case 5:
      console.log("nearly");
    default:
      return "weekday";
  }
}
for (let d = 0; d < 7; d++) console.log(d, day(d));
outer:
for (let i = 0; i < 3; i++) {
  for (let j = 0; j < 3; j++) {
    if (j === 2) continue outer;
    if (i === 2) break outer;
    console.log(i, j);
  }
}
let n = 27, steps = 0;
do { n = n % 2 ? 3 * n + 1 : n / 2; steps++; } while (n !== 1);
console.log(steps);
for (let i = 0, j = 10; i < j; i += 3, j -= 2) console.log(i, j);
let k = 3;
while (k --> 0) console.log(k);
var total = 0;
for (var x of [1, 2, 3]) total += x;
console.log(total, x);
