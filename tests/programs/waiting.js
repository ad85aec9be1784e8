import { sleep } from "./scrivlet.js";

async function slow(n) {
  await sleep(0.01);
  return n * 2;
}
console.log(await slow(4));
for (let i = 0; i < 3; i++) {
  await sleep(0.01);
  console.log(i);
}
