const sleep = (ms, value) => new Promise((resolve) => setTimeout(() => resolve(value), ms));

async function water(bed, ms) {
  console.log('start', bed);
  await sleep(ms);
  if (bed === 'cactus') throw new Error('too much water for ' + bed);
  console.log('done', bed);
  return bed.length;
}

async function main() {
  const results = await Promise.all([water('rose', 30), water('fern', 10), sleep(5, 42)]);
  console.log(results);
  const settled = await Promise.allSettled([water('cactus', 5), water('moss', 1)]);
  for (const s of settled) console.log(s.status, s.status === 'fulfilled' ? s.value : s.reason.message);
  try {
    await water('cactus', 1);
  } catch ({ message }) {
    console.log('caught:', message);
  } finally {
    console.log('finally');
  }
  const first = await Promise.race([sleep(50, 'slow'), sleep(10, 'fast')]);
  console.log(first);
  let total = 0;
  for (const bed of ['a', 'bb', 'ccc']) total += await water(bed, 2);
  return total;
}

main()
  .then((t) => console.log('total', t))
  .catch((e) => console.error('failed', e.message))
  .finally(() => console.log('bye'));
console.log('after main');
setTimeout(() => console.log('timer 0'), 0);
Promise.resolve(1).then((x) => x + 1).then(console.log);
