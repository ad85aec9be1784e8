function factorial(n) {
  if (n <= 1) {
    return 1;
  }
  return n * factorial(n - 1);
}

for (let n = 1; n <= 10; n++) {
  console.log(n, factorial(n));
}
