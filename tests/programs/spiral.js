import { nib } from "./scrivlet.js";

let length = 5;
while (length < 80) {
  nib.forward(length);
  nib.right(91);
  length += 5;
}
