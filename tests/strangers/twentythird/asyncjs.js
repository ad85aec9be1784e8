const wait = (ms, value) => new Promise((resolve) => setTimeout(() => resolve(value), ms));
const fail = (ms, why) => new Promise((_, reject) => setTimeout(reject, ms, new Error(why)));

async function loadBed(id) {
  console.log(`loading bed ${id}`);
  await wait(10 * (4 - id));
  if (id === 3) throw new Error('bed 3 is flooded');
  return { id, crop: ['peas', 'kale', 'leek'][id - 1] };
}

async function inOrder(ids) {
  const result = [];
  for (const id of ids) {
    try {
      result.push(await loadBed(id));
    } catch (err) {
      result.push({ id, error: err.message });
    }
  }
  return result;
}

async function main() {
  console.time && console.log('start');
  console.log(await inOrder([1, 2, 3]));
  const [a, b] = await Promise.all([loadBed(1), loadBed(2)]);
  console.log(a.crop, b.crop);
  const settled = await Promise.allSettled([loadBed(2), loadBed(3)]);
  settled.forEach((s) => console.log(s.status, s.status === 'fulfilled' ? s.value.crop : s.reason.message));
  console.log(await Promise.race([wait(30, 'slow'), wait(5, 'fast')]));
  try {
    await Promise.all([wait(20), fail(5, 'too dry')]);
  } catch ({ name, message }) {
    console.log(name, message);
  }
  const any = await Promise.any([fail(1, 'x'), wait(3, 'any')]);
  console.log(any);
  return 'finished';
}

const queue = {
  tasks: [],
  running: false,
  add(task) {
    this.tasks.push(task);
    if (!this.running) this.run();
    return this;
  },
  async run() {
    this.running = true;
    while (this.tasks.length) {
      const task = this.tasks.shift();
      console.log('task', await task());
    }
    this.running = false;
  },
};

main()
  .then(console.log)
  .catch((e) => console.error('failed', e))
  .then(() => queue.add(() => wait(2, 'A')).add(async () => 'B'))
  .then((q) => wait(20).then(() => q.tasks.length))
  .then((n) => console.log('left', n));
console.log('main called');
async function* ticker(n) { for (let i = 0; i < n; i++) { await wait(1); yield i; } }
(async () => { for await (const t of ticker(2)) console.log('tick', t); })();
process.on('exit', () => console.log('bye'));
