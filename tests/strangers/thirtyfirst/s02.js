const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });

let tasks = [];
let nextId = 1;

function addTask(title) {
  tasks.push({ id: nextId++, title, done: false });
}

function toggle(id) {
  const task = tasks.find(t => t.id === id);
  if (!task) {
    console.log('No task ' + id);
    return;
  }
  task.done = !task.done;
}

function print() {
  if (tasks.length === 0) return console.log('Nothing to do!');
  tasks.forEach(({ id, title, done }) => {
    console.log(`${id}. [${done ? 'x' : ' '}] ${title}`);
  });
}

rl.on('line', (line) => {
  const [command, ...args] = line.trim().split(' ');
  switch (command) {
    case 'add':
      addTask(args.join(' '));
      break;
    case 'done':
      toggle(parseInt(args[0], 10));
      break;
    case 'remove': {
      const before = tasks.length;
      tasks = tasks.filter(t => t.id !== Number(args[0]));
      console.log(`${before - tasks.length} removed`);
      break;
    }
    case 'list':
      print();
      break;
    default:
      console.log(`Unknown command: ${command}`);
  }
});

rl.on('close', () => {
  const open = tasks.filter(t => !t.done).length;
  console.log(`${open} of ${tasks.length} tasks are open`);
});
