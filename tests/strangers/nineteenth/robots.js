const sleep = ms => new Promise(resolve => setTimeout(resolve, ms));
class Robot {
  constructor(name) { this.name = name; this.done = []; }
  async move(steps) {
    for (let i = 1; i <= steps; i++) {
      await sleep(10);
      this.done.push(`${this.name}${i}`);
      console.log(this.name, i);
    }
    return this.done.length;
  }
}
async function main() {
  const r = new Robot('R'), s = new Robot('S');
  const [x, y] = await Promise.all([r.move(2), s.move(3)]);
  console.log(x, y, r.done, s.done);
  for (const n of [3, 1, 2]) { await sleep(n); console.log('seq', n); }
  await Promise.all([3, 1, 2].map(async n => { await sleep(n * 10); console.log('par', n); }));
  const results = [];
  for (const job of [() => sleep(5).then(() => 'a'), async () => 'b']) results.push(await job());
  console.log(results);
  try {
    await retry(async (n) => { if (n < 3) throw new Error(`try ${n}`); return `ok after ${n}`; }, 5);
  } catch (e) { console.log('gave up', e.message); }
  const value = await withTimeout(sleep(50).then(() => 'slow'), 20).catch(e => e.message);
  console.log(value);
  return 'main done';
}
async function retry(fn, times) {
  for (let n = 1; n <= times; n++) {
    try { const v = await fn(n); console.log(v); return v; }
    catch (e) { console.log('failed:', e.message); }
  }
  throw new Error('too many');
}
function withTimeout(promise, ms) {
  return Promise.race([promise, new Promise((_, reject) => setTimeout(() => reject(new Error('timeout')), ms))]);
}
main().then(console.log).catch(console.error).finally(() => console.log('bye'));
console.log('sync end');
