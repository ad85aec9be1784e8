import { nib } from "./scrivlet.js";

function wall(width, height) {
  nib.openShape("marigold");
  for (let i = 0; i < 2; i++) {
    nib.forward(width);
    nib.left(90);
    nib.forward(height);
    nib.left(90);
  }
  nib.closeShape();
}

wall(100, 60);
nib.left(90);
nib.forward(60);
nib.right(30);
nib.forward(100);
nib.right(120);
nib.forward(100);
