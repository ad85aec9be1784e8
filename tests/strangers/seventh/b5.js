const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
let lines = [];
rl.on("line", (line) => lines.push(line));
rl.on("close", () => {
  const n = parseInt(lines[0]);
  let best = -Infinity, who = "";
  for (let i = 1; i <= n; i++) {
    const [name, score] = lines[i].split(",");
    if (+score > best) { best = +score; who = name; }
  }
  console.log(`Winner: ${who} with ${best}`);
});
