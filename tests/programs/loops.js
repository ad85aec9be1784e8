for (let number = 0; number < 20; number++) {
  if (number % 2 === 1) {
    continue;
  }
  if (number > 12) {
    break;
  }
  console.log(number);
}
