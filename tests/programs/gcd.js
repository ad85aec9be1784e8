let a = 84;
let b = 36;
while (b !== 0) {
  [a, b] = [b, a % b];
}
console.log("beds of", a);
