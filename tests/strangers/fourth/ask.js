const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

const scores = [];

function ask() {
  rl.question('Score (or q): ', (answer) => {
    if (answer === 'q') {
      report();
      rl.close();
      return;
    }
    const n = Number(answer);
    if (Number.isNaN(n)) console.log('Not a number');
    else scores.push(n);
    ask();
  });
}

function report() {
  const sum = scores.reduce((a, b) => a + b, 0);
  console.log(`n=${scores.length} mean=${(sum / scores.length).toFixed(2)} max=${Math.max(...scores)}`);
}

ask();
