const price = 2.5;
const amount = 12;
let cost = price * amount;
if (amount >= 10) {
  cost *= 0.9;
}
console.log("That is", cost);
console.log(cost.toFixed(2) + " in all");
