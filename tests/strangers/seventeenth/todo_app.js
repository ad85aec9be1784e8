// To-do list for the gardening club
let nextId = 1;
const tasks = [];

function addTask(title, { priority = 'normal', tags = [] } = {}) {
    const task = { id: nextId++, title, priority, tags, done: false };
    tasks.push(task);
    return task;
}

function complete(id) {
    const task = tasks.find(t => t.id === id);
    if (task === undefined) {
        return false;
    }
    task.done = true;
    return true;
}

const removeTask = id => {
    const index = tasks.findIndex(t => t.id === id);
    if (index !== -1) tasks.splice(index, 1);
    return index !== -1;
};

function print(list = tasks) {
    if (!list.length) {
        console.log('(nothing to do)');
    }
    for (let i = 0; i < list.length; i++) {
        const { id, title, done, priority, tags } = list[i];
        const mark = done ? 'x' : ' ';
        console.log('[' + mark + '] ' + id + ' ' + title + (priority !== 'normal' ? ' !' + priority : '') + (tags.length ? ' #' + tags.join(' #') : ''));
    }
}

addTask('Water the beans');
addTask('Mow the lawn', { priority: 'high' });
addTask('Order seeds', { tags: ['shop', 'spring'] });
addTask('Mend the fence', { priority: 'low', tags: ['wood'] });
print();
console.log(complete(2), complete(42), removeTask(1), removeTask(1));
print(tasks.filter(t => !t.done));
print(tasks.filter(t => t.tags.includes('nothing')));

const summary = tasks.reduce((acc, { done }) => ({ ...acc, [done ? 'done' : 'open']: (acc[done ? 'done' : 'open'] || 0) + 1 }), {});
console.log(summary);
const copy = tasks.map(t => ({ ...t, tags: [...t.tags, 'copied'] }));
console.log(copy[0].tags.length, tasks[0].tags.length);
console.log(tasks.some(t => t.done), tasks.every(t => t.done));
const [first, , ...others] = tasks;
console.log(first.title, others.length);
const order = { high: 0, normal: 1, low: 2 };
console.log([...tasks].sort((a, b) => order[a.priority] - order[b.priority]).map(t => t.title));
const grouped = {};
tasks.forEach(({ priority, title }) => {
    if (!grouped[priority]) {
        grouped[priority] = [];
    }
    grouped[priority].push(title);
});
console.log(grouped);
switch (tasks.length) {
    case 0:
        console.log('free day');
        break;
    case 1:
    case 2:
    case 3:
        console.log('a few');
        break;
    default:
        console.log('many');
}
