let todos = [];
let nextId = 1;

function addTodo(text, priority = 'normal', due) {
  const todo = { id: nextId++, text, priority, due, done: false };
  todos = [...todos, todo];
  return todo;
}
const toggle = id => { todos = todos.map(t => t.id === id ? { ...t, done: !t.done } : t); };
const remove = id => { todos = todos.filter(({ id: other }) => other !== id); };
const PRIORITY = Object.freeze({ high: 0, normal: 1, low: 2 });

addTodo('water beans', 'high');
addTodo('clean shed', undefined, 'Friday');
addTodo('buy string', 'low');
addTodo('feed hens', 'high', 'today');
toggle(2);
toggle(4);
toggle(4);
remove(3);
console.log(todos);
todos.slice().sort((a, b) => PRIORITY[a.priority] - PRIORITY[b.priority] || b.id - a.id)
  .forEach(({ id, text, done, due = 'any day' }, i, all) => {
    console.log(`${i + 1}/${all.length} [${done ? 'x' : ' '}] #${id} ${text} (${due})`);
  });
const stats = todos.reduce((s, t) => ({ ...s, [t.priority]: (s[t.priority] || 0) + 1 }), {});
console.log(stats, Object.values(stats).reduce((a, b) => a + b));
switch (true) {
  case todos.every(t => t.done): console.log('all done'); break;
  case todos.some(t => t.done): console.log('some done'); // falls through
  case todos.length > 2: console.log('keep going'); break;
  default: console.log('start!');
}
try { PRIORITY.urgent = -1; } catch (e) { console.log(e.message); }
console.log(PRIORITY.urgent, Object.isFrozen(PRIORITY));
const found = todos.find(t => t.id === 99);
console.log(found, found?.text, found === undefined, found == null, typeof found);
console.log([1, 2, 3].includes(2) && 'yes' || 'no', null ?? 'default', 0 || 'zero', '' ?? 'empty');
var x = 10;
{ let x = 20; var y = x + 1; }
console.log(x, y, [..."héllo"].length, 'ab'.localeCompare('b'), [3, 1, 2].toString(), String([1, [2, 3]]), `${{}}`);
console.log([] + [], [] == false, null == 0, '5' * '2', '5' + 2, 5 + +'2', true + 1, NaN === NaN, [1] == 1);
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 1e21, 123456789012345680000, 1 / 3, -0, [-0], 5 % -3, -5 % 3, 2 ** -1);
