import { nib } from "./scrivlet.js";

// A flower
const side = 50;
function petal(size, colour = "rose") {
    nib.openShape(colour);
    for (let i = 0; i < 2; i++) { // halves
        nib.forward(size / 10);
        nib.left(90)
    }
    nib.closeShape();
}
const twice = (x) => {
  return x * 2;
};
let names = ["bean", "pea", 'leek'];
for (const name of names) {
	console.log(name.toUpperCase(), name.length);
}
let total = 0;
for (let n = 1; n <= 10; n++) total += n;
for (let n = 0; n < names.length; n += 2)
{
   console.log(`${n}: ${names[n]}`);
}
if (total > 5) petal(30); else petal(twice(total), "sky");
if (total % 2 === 0) {
    total--;
} else if (total == 3) {
    total = Math.floor(total / 2);
}
else {
}
do { total -= 3; } while (total > 0);
switch (total) {
  case 1:
  case 2:
    console.log("few");
    break;
  default:
    console.log("many" + total);
}
const counts = { bean: 3 };
counts.pea = (counts.pea ?? 0) + 1;
for (const [key, value] of Object.entries(counts)) console.log(key, value);
[names[0], names[1]] = [names[1], names[0]];
console.log(names.filter((w) => w.length > 3).map((w) => w + "!"), [...names].reverse(), (3.14159).toFixed(2));
