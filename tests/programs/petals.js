import { nib } from "./scrivlet.js";

const inks = ["rose", "sky"];

function petal(size, turns = 2) {
  for (let turn = 0; turn < turns; turn++) {
    nib.forward(size);
    nib.left(60);
    nib.forward(size);
    nib.left(120);
  }
}

let size = 20;
while (size < 50) {
  nib.ink(inks[size % 2]);
  petal(size);
  nib.left(72);
  size += 11;
}
console.log(`last size ${size}`);
