import { nib } from "./scrivlet.js";

// one bed
for (let side = 0; side < 4; side++) {
  nib.forward(60);
  nib.left(90);
}
