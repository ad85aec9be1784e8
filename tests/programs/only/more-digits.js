let number = 90125;
let total = 0;
while (number > 0) {
  total += number % 10;
  number = Math.floor(number / 10);
}
console.log(total, String(90125).split("").map(Number));
