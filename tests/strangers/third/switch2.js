const day = 3;
let label;
switch (day) {
  case 0:
  case 6: label = "weekend"; break;
  case 3: label = "midweek"; break;
  default: label = "weekday";
}
console.log(label);
let i = 10;
do { i -= 3; console.log(i); } while (i > 0);
outer: for (let a = 0; a < 3; a++) {
  for (let b = 0; b < 3; b++) {
    if (b === 2) continue outer;
    if (a === 2) break outer;
    console.log(a, b);
  }
}
