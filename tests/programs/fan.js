import { nib } from "./scrivlet.js";

const inks = ["rose", "sky", "plum"];
for (let i = 0; i < 9; i++) {
  nib.ink(inks[i % inks.length]);
  nib.forward(70);
  nib.back(70);
  nib.left(20);
}
