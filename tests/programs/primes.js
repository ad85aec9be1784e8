function isPrime(n) {
  if (n < 2) {
    return false;
  }
  for (let divisor = 2; divisor * divisor <= n; divisor++) {
    if (n % divisor === 0) {
      return false;
    }
  }
  return true;
}

let found = 0;
let number = 2;
while (found < 8) {
  if (isPrime(number)) {
    console.log(number);
    found++;
  }
  number++;
}
