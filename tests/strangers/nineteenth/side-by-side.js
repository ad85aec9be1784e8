const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
async function grow(name, days) {
  for (let d = 1; d <= days; d++) {
    await wait(10 * d);
    console.log(name, 'day', d);
  }
  return `${name} done`;
}
async function main() {
  console.log('start');
  const p = grow('pea', 2);
  const q = grow('bean', 3);
  console.log('both started');
  console.log(await p);
  console.log(await q);
  const results = await Promise.all(['a', 'b'].map(async (n, i) => { await wait(5 - i); return n + i; }));
  console.log(results);
  return 42;
}
main().then(v => console.log('main gave', v)).catch(e => console.error(e));
console.log('end of script');
