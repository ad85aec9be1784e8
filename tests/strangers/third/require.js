const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin });
const lines = [];
rl.on("line", (l) => lines.push(l));
rl.on("close", () => {
  const n = Number(lines[0]);
  let sum = 0;
  for (let i = 1; i <= n; i++) sum += Number(lines[i]);
  console.log(`Sum: ${sum}`);
});
