const height = 4;
for (let row = 1; row <= height; row++) {
  console.log(" ".repeat(height - row) + "*".repeat(2 * row - 1));
}
let line = "";
for (let n = 0; n < 5; n++) {
  line += n + (n < 4 ? "," : "");
}
console.log(line);
