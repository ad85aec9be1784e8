const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });

let tasks = [];
let nextId = 1;

const commands = {
  add(...words) {
    const text = words.join(' ');
    if (!text) return console.log('add what?');
    tasks.push({ id: nextId++, text, done: false });
  },
  done(id) {
    const task = tasks.find(t => t.id === Number(id));
    if (task) task.done = true;
    else console.log(`no task ${id}`);
  },
  list() {
    if (tasks.length === 0) console.log('(nothing to do)');
    tasks.forEach(({ id, text, done }) => console.log(`${done ? '[x]' : '[ ]'} ${id}. ${text}`));
  },
  clear() {
    const before = tasks.length;
    tasks = tasks.filter(t => !t.done);
    console.log(`${before - tasks.length} removed`);
  },
};

rl.on('line', (line) => {
  const [name, ...args] = line.trim().split(' ');
  if (name === 'quit') {
    rl.close();
    return;
  }
  const command = commands[name];
  if (command) command(...args);
  else console.log('unknown: ' + name);
});

rl.on('close', () => {
  console.log(JSON.stringify(tasks));
});
