import { prompt } from "./scrivlet.js";

const secret = 17;
let tries = 0;
let guess = 0;
while (guess !== secret) {
  guess = Number(prompt("Seeds in the jar?"));
  tries += 1;
  if (guess < secret) {
    console.log("more");
  } else if (guess > secret) {
    console.log("fewer");
  }
}
console.log("right after", tries);
