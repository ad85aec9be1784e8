const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin });
let sum = 0;
rl.on('line', (line) => {
  const [cmd, ...rest] = line.split(' ');
  switch (cmd) {
    case 'add':
      sum += Number(rest[0]);
      break;
    case 'quit':
      rl.close();
      break;
    default:
      console.log('what?');
  }
});
rl.on('close', () => console.log('sum', sum));
