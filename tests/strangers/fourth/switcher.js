function daysIn(month, year) {
  switch (month) {
    case 2:
      return year % 4 == 0 && (year % 100 != 0 || year % 400 == 0) ? 29 : 28;
    case 4: case 6: case 9: case 11:
      return 30;
    default:
      return 31;
  }
}
let out = '';
for (let m = 1; m <= 12; m++) out += daysIn(m, 2024) + (m < 12 ? ',' : '\n');
process.stdout.write(out);
function grade(score) {
  let g;
  switch (true) {
    case score >= 90: g = 'A'; break;
    case score >= 80: g = 'B'; break;
    default: g = 'F';
  }
  return g;
}
console.log([95, 85, 20].map(grade));
const actions = { add: (a, b) => a + b, sub: (a, b) => a - b, 'mul': (a, b) => a * b };
for (const op in actions) console.log(op, actions[op](6, 3));
for (let i = 1; i <= 15; i++) {
  let word = '';
  if (i % 3 === 0) word += 'Fizz';
  if (i % 5 === 0) word += 'Buzz';
  console.log(word || i);
}
outer: for (let i = 2; i < 30; i++) {
  for (let j = 2; j * j <= i; j++) if (i % j === 0) continue outer;
  process.stdout.write(i + ' ');
}
console.log();
var x = 5;
x += 2; x *= 3; x **= 2; x -= 1; x %= 50; x <<= 2;
console.log(x, x++ + ++x, -x, +'3' + 4, '3' * '4', '3' + 4, 5 / 2, Math.trunc(-5 / 2), -5 % 3, 2 ** 10, 0.1 + 0.2, 1 / 0, 7 & 3, 5 ^ 1, ~5);
console.log(null ?? 'd', 0 || 'e', 0 ?? 'f', '' && 'g', !!'a', typeof null, typeof undefined, typeof [], typeof (() => 1), null == undefined, null === undefined, NaN === NaN, [] + [], isNaN('x'));
