const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });
const lines = [];
rl.on('line', (line) => lines.push(line));
rl.on('close', () => {
  const n = parseInt(lines[0], 10);
  let sum = 0;
  for (let i = 1; i <= n; i++) {
    const [name, points] = lines[i].split(/\s+/);
    sum += Number(points);
    console.log(`${name}: ${points}`);
  }
  console.log('mean', (sum / n).toFixed(1));
});
