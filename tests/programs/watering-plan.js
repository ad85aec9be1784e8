// Plan the watering of the beds for one week.
const days = ["Mon", "Tue", "Wed"];
const litres = [3.5, 4, 2.25];
let total = 0;
for (let i = 0; i < days.length; i++) {
  total += litres[i];
  console.log(`${days[i].padStart(5)}: ${litres[i].toFixed(2)} l`);
}
console.log("total", total, "mean", total / litres.length);
console.log(Math.ceil(total / 5), Math.floor(-2.5), Math.ceil(-2.5), Math.round(2.5), Math.round(-2.5), Math.trunc(-2.7), Math.abs(-3));
console.log(Math.max(1, 5, 3), Math.min(...litres), Math.max(...litres), Math.sqrt(16), Math.pow(2, 10), Math.PI.toFixed(4));
console.log(Math.sign(-3), Math.hypot(3, 4), Math.log10(1000), Math.sin(0), Math.cos(0));
