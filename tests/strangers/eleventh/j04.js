const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
async function water(bed, ms) {
  await sleep(ms);
  console.log(`watered ${bed}`);
  return bed.length;
}
async function main() {
  const n = await water('peas', 20);
  console.log(n);
  try {
    await fail();
  } catch (e) {
    console.log('caught', e.message);
  }
  const all = await Promise.all([water('a', 30), water('bb', 10)]);
  console.log(all);
}
async function fail() { throw new Error('dry'); }
main().then(() => console.log('done'));
console.log('started');
