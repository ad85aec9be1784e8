import { prompt } from "./scrivlet.js";

const count = Number(prompt("How many? "));
let total = 0;
for (let i = 0; i < count; i++) {
  total += parseFloat(prompt(`Height ${i + 1}: `));
}
console.log("mean:", total / count);
const name = prompt();
console.log("Thank you, " + name.trim() + "!");
