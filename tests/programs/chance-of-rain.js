import { sleep } from "./scrivlet.js";

let days = 0;
for (let day = 0; day < 7; day++) {
  if (Math.random() < 2) {
    days++;
  }
}
console.log(days);
await sleep(0.01);
console.log("week over");
