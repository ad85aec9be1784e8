import { nib } from "./scrivlet.js";

// A hedge of squares along the path
nib.lift();
nib.moveTo(-200, -40);
nib.lower();
for (let bush = 0; bush < 5; bush++) {
  for (let side = 0; side < 4; side++) {
    nib.forward(40);
    nib.left(90);
  }
  nib.forward(50);
}
