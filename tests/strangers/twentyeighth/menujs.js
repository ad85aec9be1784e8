const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
const todo = [];
rl.on('line', (line) => {
  const [cmd, ...args] = line.trim().split(' ');
  switch (cmd) {
    case 'add':
      todo.push({ text: args.join(' '), done: false });
      break;
    case 'done': {
      const i = parseInt(args[0], 10);
      if (Number.isNaN(i) || !todo[i]) {
        console.log('bad index');
        break;
      }
      todo[i].done = true;
      break;
    }
    case 'list':
      todo.forEach(({ text, done }, i) => console.log(`${i}: [${done ? 'x' : ' '}] ${text}`));
      break;
    case '':
      break;
    default:
      console.log('unknown:', cmd);
  }
});
rl.on('close', () => {
  console.log(`${todo.filter(t => t.done).length} of ${todo.length} done`);
});
