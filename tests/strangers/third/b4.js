const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
rl.question("How many rows? ", (answer) => {
  const n = parseInt(answer);
  for (let i = 1; i <= n; i++) {
    console.log("*".repeat(i));
  }
  rl.close();
});
