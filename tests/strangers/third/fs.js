const input = require("fs").readFileSync(0, "utf8").trim().split("\n");
const [a, b] = input[0].split(" ").map(Number);
console.log(a + b);
console.log(input.length);
