const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });
let tasks = [];
let id = 1;
function help() { console.log('commands: add <text>, done <id>, list, remove <id>, quit'); }
help();
rl.on('line', (line) => {
  const [command, ...rest] = line.trim().split(/\s+/);
  switch (command) {
    case 'add':
      if (rest.length === 0) { console.log('nothing to add'); break; }
      tasks.push({ id: id++, text: rest.join(' '), done: false });
      console.log('added #' + (id - 1));
      break;
    case 'done': {
      const t = tasks.find(t => t.id === Number(rest[0]));
      if (t) { t.done = true; console.log(`${t.text}: done`); }
      else console.log('no task', rest[0]);
      break;
    }
    case 'remove':
      const before = tasks.length;
      tasks = tasks.filter(t => t.id != rest[0]);
      console.log(before - tasks.length, 'removed');
      break;
    case 'list':
      tasks.forEach((t, i) => console.log(`${i + 1}. [${t.done ? 'x' : ' '}] ${t.text}`));
      if (!tasks.length) console.log('(empty)');
      break;
    case 'quit':
    case 'exit':
      rl.close();
      break;
    case '':
      break;
    default:
      console.log('unknown:', command);
      help();
  }
});
rl.on('close', () => {
  const open = tasks.filter(t => !t.done).length;
  console.log(`${open} open, ${tasks.length - open} done`);
});
