const wait = (ms, value) => new Promise(resolve => setTimeout(() => resolve(value), ms));

async function water(bed, ms) {
  console.log(`start ${bed}`);
  await wait(ms);
  console.log(`done ${bed}`);
  return bed.length;
}

async function main() {
  const a = await water('roses', 20);
  const all = await Promise.all([water('beans', 30), water('kale', 10)]);
  console.log(a, all);
  try {
    await Promise.reject(new Error('pump broken'));
  } catch (e) {
    console.log('caught', e.message);
  } finally {
    console.log('finally');
  }
  return 'ok';
}

main().then(r => console.log(r));
console.log('main called');
setTimeout(() => console.log('timeout 0'), 0);
Promise.resolve(1).then(x => x + 1).then(console.log);
