const lines = require("fs").readFileSync(0, "utf8").trim().split("\n");
const n = Number(lines[0]);
let best = -Infinity, name = "";
for (let i = 1; i <= n; i++) {
  const [who, score] = lines[i].split(" ");
  if (Number(score) > best) { best = Number(score); name = who; }
}
console.log(`${name} wins with ${best}`);
