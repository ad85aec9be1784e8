const weights = [310, 275, 402, 398];
let largest = weights[0];
for (let i = 1; i < weights.length; i++) {
  if (weights[i] > largest) {
    largest = weights[i];
  }
}
console.log("largest", largest);
