const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });

const todos = [];
let nextId = 1;
const commands = {
  add: (args) => { todos.push({ id: nextId++, text: args.join(' '), done: false }); return 'added'; },
  done: ([id]) => {
    const todo = todos.find((t) => t.id === Number(id));
    if (!todo) return `no todo ${id}`;
    todo.done = !todo.done;
    return todo.done ? 'done' : 'undone';
  },
  list: ([filter = 'all']) => {
    const shown = todos.filter((t) => filter === 'all' || (filter === 'open') === !t.done);
    return shown.map((t) => `[${t.done ? 'x' : ' '}] ${t.id} ${t.text}`).join('\n') || 'nothing';
  },
  sort() { todos.sort((a, b) => a.text < b.text ? -1 : a.text > b.text ? 1 : 0); return 'sorted'; },
  help: () => Object.keys(commands).sort().join(', '),
};

rl.on('line', (line) => {
  const [name, ...args] = line.trim().split(/\s+/);
  if (!name) return;
  const command = commands[name.toLowerCase()];
  if (command) console.log(command(args));
  else console.log(`unknown command "${name}"`);
});
rl.on('close', () => {
  console.log(`${todos.length} todos, ${todos.filter((t) => t.done).length} done`);
});
