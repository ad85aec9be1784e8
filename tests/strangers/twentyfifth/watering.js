const delay = (ms, value) => new Promise((resolve) => setTimeout(() => resolve(value), ms));
async function water(bed, litres) {
  console.log(`start ${bed}`);
  await delay(litres * 3);
  console.log(`end ${bed}`);
  if (litres > 4) throw new Error(`${bed} is flooded`);
  return litres;
}
async function main() {
  const one = await water('A', 1);
  console.log('got', one);
  const results = await Promise.all([water('B', 3), water('C', 1), water('D', 2)]);
  console.log(results, results.reduce((a, b) => a + b));
  try {
    await water('E', 5);
  } catch ({ message }) {
    console.log('caught', message);
  }
  const settled = await Promise.allSettled([water('F', 1), water('G', 9)]);
  for (const s of settled) console.log(s.status, s.value ?? s.reason.message);
  const fast = await Promise.race([delay(30, 'slow'), delay(5, 'fast')]);
  console.log(fast);
  return 'finished';
}
main().then(console.log).catch((e) => console.log('failed', e)).finally(() => console.log('bye'));
console.log('main was called');
