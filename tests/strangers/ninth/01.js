function fizzBuzz(n) {
  for (let i = 1; i <= n; i++) {
    let out = '';
    if (i % 3 === 0) out += 'Fizz';
    if (i % 5 === 0) out += 'Buzz';
    console.log(out || i);
  }
}
fizzBuzz(5);
let row = '';
for (let i = 1; i <= 3; ++i) {
  row = '';
  for (let j = 1; j <= 3; ++j) row += (i * j) + '\t';
  console.log(row.trim());
}
var total = 0, k = 0;
while (true) { total += k++; if (k > 4) break; }
console.log(total, k);
