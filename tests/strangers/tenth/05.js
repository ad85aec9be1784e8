const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

let sum = 0;
let lines = [];
rl.on('line', (line) => {
  const n = parseInt(line, 10);
  if (Number.isNaN(n)) {
    console.log(`skipping "${line}"`);
    return;
  }
  lines.push(n);
  sum += n;
});
rl.on('close', () => {
  console.log('count', lines.length, 'sum', sum, 'mean', (sum / lines.length).toFixed(3));
  console.log(lines.sort((a, b) => a - b).join(' '));
});
