'use strict';
const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });

const stock = { rose: { price: 4.5, left: 3 }, fern: { price: 3.25, left: 0 } };
let total = 0;

rl.on('line', (line) => {
  const [command, name, amount = '1'] = line.trim().split(/\s+/);
  switch (command.toLowerCase()) {
    case 'buy': {
      const item = stock[name];
      if (!item) {
        console.log(`No ${name} here.`);
        break;
      }
      const n = Math.min(parseInt(amount, 10), item.left);
      item.left -= n;
      total += n * item.price;
      console.log(`${n} x ${name}`);
      break;
    }
    case 'list':
      Object.entries(stock).forEach(([key, { price, left }]) => console.log(key.padEnd(6), price.toFixed(2), left));
      break;
    case '':
      break;
    default:
      console.log('What is', JSON.stringify(command) + '?');
  }
});
rl.on('close', () => console.log(`Total: £${total.toFixed(2)}`));
