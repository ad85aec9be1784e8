const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
async function grow(name, weeks) {
  for (let w = 1; w <= weeks; w++) {
    await sleep(5);
    if (name === 'fig' && w === 2) throw new Error(name + ' froze in week ' + w);
  }
  return `${name} grew ${weeks} weeks`;
}
async function main() {
  console.log('start');
  console.log(await grow('pea', 2));
  try {
    await grow('fig', 3);
  } catch (err) {
    console.log('caught:', err.message);
  } finally {
    console.log('finally');
  }
  const all = await Promise.all([grow('a', 3), grow('b', 1)]);
  console.log(all);
  const settled = await Promise.allSettled([grow('fig', 2), grow('c', 1)]);
  settled.forEach((r) => console.log(r.status, r.value ?? r.reason.message));
  const first = await Promise.race([grow('slow', 9), grow('quick', 1)]);
  console.log(first);
}
main().then(() => console.log('end')).catch(console.error);
console.log('after main');
setTimeout(() => console.log('timeout 0'), 0);
Promise.resolve().then(() => console.log('micro'));
