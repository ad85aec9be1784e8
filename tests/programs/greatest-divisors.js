// A table of greatest common divisors.
function divisor(a, b) {
  while (b !== 0) {
    const rest = a % b;
    a = b;
    b = rest;
  }
  return a;
}
for (let row = 4; row <= 12; row += 4) {
  let line = `${row}:`;
  for (let column = 1; column <= 6; column++) {
    line += " " + divisor(row, column);
  }
  console.log(line);
}
