import { prompt } from "./scrivlet.js";

const word = prompt("A word?");
let turned = "";
for (const letter of word) {
  turned = letter + turned;
}
console.log(turned);
if (turned === word) {
  console.log("the same both ways");
} else {
  console.log("not the same");
}
