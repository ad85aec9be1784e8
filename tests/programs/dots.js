import { nib } from "./scrivlet.js";

nib.lift();
for (let size = 5; size <= 25; size += 5) {
  nib.dot(size);
  nib.forward(size + 10);
}
nib.write("seeds");
