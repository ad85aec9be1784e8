const wait = (ms, value) => new Promise(resolve => setTimeout(() => resolve(value), ms));

async function water(bed, minutes) {
  console.log(`start ${bed}`);
  await wait(minutes * 10);
  if (bed === 'roses') throw new Error('hose burst');
  console.log(`done ${bed}`);
  return minutes * 4;
}

async function main() {
  const litres = await water('peas', 2);
  console.log(litres, 'litres');
  const results = await Promise.all([water('beans', 3), water('leeks', 1)]);
  console.log(results);
  try {
    await water('roses', 1);
  } catch (e) {
    console.log('failed:', e.message);
  } finally {
    console.log('tap closed');
  }
  const settled = await Promise.allSettled([water('roses', 1), wait(5, 'ok')]);
  console.log(settled.map(s => s.status));
  console.log(await Promise.race([wait(30, 'slow'), wait(5, 'fast')]));
  for (const ms of [3, 1, 2]) {
    console.log(await wait(ms, ms * ms));
  }
}

console.log('before');
main().then(() => console.log('all done')).catch(e => console.error('oops', e.message));
Promise.resolve(5).then(v => v + 1).then(v => { console.log('micro', v); });
setTimeout(() => console.log('timeout 0'), 0);
console.log('after');
