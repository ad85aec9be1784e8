const wait = (ms, value) => new Promise(resolve => setTimeout(() => resolve(value), ms));

async function fetchPlant(id) {
  await wait(10 * id);
  if (id === 3) throw new Error('plant 3 is gone');
  return { id, name: `plant ${id}` };
}

async function main() {
  console.log('start');
  const first = await fetchPlant(1);
  console.log(first.name);
  try {
    await fetchPlant(3);
  } catch (e) {
    console.log('caught', e.message);
  } finally {
    console.log('tidy');
  }
  const all = await Promise.all([1, 2, 4].map(fetchPlant));
  console.log(all.map(p => p.name).join(', '));
  const settled = await Promise.allSettled([fetchPlant(2), fetchPlant(3)]);
  console.log(settled.map(s => s.status), settled[1].reason.message);
  console.log(await Promise.race([wait(30, 'slow'), wait(5, 'fast')]));
  for (const id of [2, 1]) {
    console.log((await fetchPlant(id)).id);
  }
  return 'finished';
}

main().then(console.log).catch(e => console.error('oops', e)).finally(() => console.log('over'));
console.log('after main()');
