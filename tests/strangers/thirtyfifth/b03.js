// Event queue with promises
const sleep = ms => new Promise(resolve => setTimeout(resolve, ms));

async function waterBed(name, ms) {
  console.log(`start ${name}`);
  await sleep(ms);
  if (name === 'Rock') throw new Error(`${name} is no bed`);
  console.log(`done ${name}`);
  return name.length;
}

async function main() {
  const all = await Promise.all([waterBed('Moss', 30), waterBed('Fern', 10)]);
  console.log(all);
  try {
    await waterBed('Rock', 5);
  } catch ({ name, message }) {
    console.log(name, '-', message);
  } finally {
    console.log('checked');
  }
  const settled = await Promise.allSettled([waterBed('Ivy', 3), waterBed('Rock', 1)]);
  settled.forEach(r => console.log(r.status, r.status === 'fulfilled' ? r.value : r.reason.message));
  const first = await Promise.race([sleep(20).then(() => 'slow'), sleep(2).then(() => 'quick')]);
  console.log(first);
}
main().then(() => console.log('end'));
console.log('sync');
