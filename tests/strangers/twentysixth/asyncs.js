const wait = (ms, value) => new Promise(resolve => setTimeout(() => resolve(value), ms));
async function water(bed, ms) {
  console.log('start', bed);
  await wait(ms);
  if (bed === 'west') throw new Error('no water in ' + bed);
  console.log('done', bed);
  return bed.length;
}
(async () => {
  const one = await water('north', 20);
  console.log(one);
  const all = await Promise.all([water('east', 30), water('south', 10)]);
  console.log(all);
  try {
    await water('west', 5);
  } catch (e) {
    console.log('caught', e.message);
  } finally {
    console.log('always');
  }
  const settled = await Promise.allSettled([wait(5, 'a'), Promise.reject(new Error('b'))]);
  console.log(settled.map(s => s.status));
  console.log(await Promise.race([wait(50, 'slow'), wait(5, 'fast')]));
})();
console.log('first');
Promise.resolve(1).then(v => v + 1).then(v => console.log('then', v)).catch(() => console.log('never'));
setTimeout(() => console.log('timeout 0'), 0);
let ticks = 0;
const timer = setInterval(() => { ticks++; if (ticks === 3) { clearInterval(timer); console.log('ticked', ticks); } }, 8);
