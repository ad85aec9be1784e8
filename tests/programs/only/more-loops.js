for (let i = 0; i < 3; i++) console.log(i);
for (let i = 10; i > 0; i -= 4) {
  console.log(i);
}
let number = 0;
while (number < 9) {
  number++;
  if (number % 2 === 0) continue;
  if (number > 6) break;
  console.log("odd", number);
}
do {
  number -= 3;
} while (number > 0);
console.log(number);
for (;;) {
  number++;
  if (number > 2) {
    break;
  }
}
while (true) {
  number *= 2;
  if (number > 50) break;
}
console.log(number);
for (const letter of "abc") console.log(letter);
for (const [place, letter] of ["x", "y"].entries()) console.log(place, letter);
