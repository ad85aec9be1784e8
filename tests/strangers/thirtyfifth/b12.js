const todos = [];
let nextId = 1;
function addTodo(title, { priority = 'low', due } = {}) { todos.push({ id: nextId++, title, priority, due, done: false }); }
function toggle(id) { const t = todos.find(t => t.id === id); if (t) t.done = !t.done; return Boolean(t); }
addTodo('Weed'); addTodo('Water', { priority: 'high', due: 'Mon' }); addTodo('Prune', { due: 'Tue' });
console.log(toggle(2), toggle(7));
const order = { high: 0, low: 1 };
for (const { id, title, priority, due, done } of [...todos].sort((a, b) => order[a.priority] - order[b.priority] || a.title.localeCompare(b.title)))
  console.log(`${done ? '[x]' : '[ ]'} #${id} ${title.padEnd(8, '.')} ${priority.toUpperCase()} ${due ?? 'no date'}`);
console.log(todos);
const stats = todos.reduce((s, t) => { s[t.done ? 'done' : 'open']++; return s; }, { done: 0, open: 0 });
console.log(stats, `${Math.round(stats.done / todos.length * 100)}%`);
delete todos[0].due;
console.log('due' in todos[0], todos[0]?.due?.length, todos[1]['due'].length);
console.log(todos.some(t => t.done), todos.every(t => t.title), todos.findIndex(t => t.title == 'Prune'), todos.map(({ title }) => title).indexOf('Water'));
