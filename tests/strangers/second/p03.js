const tasks = [];
let nextId = 1;
function addTask(title, { priority = 'normal', done = false } = {}) {
  const task = { id: nextId++, title, priority, done };
  tasks.push(task);
  return task.id;
}
function complete(id) {
  const task = tasks.find(t => t.id === id);
  if (!task) return false;
  task.done = true;
  return true;
}
addTask('water the beans');
addTask('buy seeds', { priority: 'high' });
addTask('rest', { done: true });
console.log(complete(1), complete(99));
const open = tasks.filter(({ done }) => !done);
console.log(`${open.length} of ${tasks.length} open:`, open.map(t => t.title).join(', '));
const byPriority = {};
tasks.forEach(t => {
  if (!byPriority[t.priority]) byPriority[t.priority] = [];
  byPriority[t.priority].push(t.title);
});
console.log(byPriority);
tasks.sort((a, b) => Number(a.done) - Number(b.done) || a.title.localeCompare(b.title));
console.log(tasks.map(t => `${t.done ? '[x]' : '[ ]'} ${t.title}`).join('\n'));
const idx = tasks.findIndex(t => t.title === 'rest');
tasks.splice(idx, 1);
console.log(tasks.length, tasks.at(-1).id);
