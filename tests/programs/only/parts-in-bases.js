for (const x of [0.5, 0.1, -2.75, 3.14159, 1 / 3, 100.001, 1e-5, 255.255, 0.999999999]) {
  console.log([2, 3, 8, 16, 36].map((b) => x.toString(b)).join(" "));
}
console.log((255).toString(16), (-7).toString(2), (0).toString(2), NaN.toString(2), (2 ** 40).toString(32));
