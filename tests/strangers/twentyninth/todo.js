'use strict';
const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
const todo = [];
const commands = {
  add(text) { todo.push({ id: todo.length + 1, text, done: false }); return `Added "${text}"`; },
  done(id) {
    const item = todo.find(t => t.id === Number(id));
    if (!item) return `No item ${id}`;
    item.done = true;
    return `Finished "${item.text}"`;
  },
  list() { return todo.length ? todo.map(t => `${t.id}. [${t.done ? 'x' : ' '}] ${t.text}`).join('\n') : 'Nothing to do'; },
  quit() { rl.close(); return 'Bye'; },
};
rl.on('line', line => {
  const [cmd, ...rest] = line.trim().split(/\s+/);
  const handler = commands[cmd];
  console.log(handler ? handler(rest.join(' ')) : `Unknown command: ${cmd}`);
});
rl.on('close', () => console.log(`${todo.filter(t => !t.done).length} left`));
