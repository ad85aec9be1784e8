const wait = ms => new Promise(resolve => setTimeout(resolve, ms));
async function job(name, ms, fail = false) {
  console.log(`${name} starts`);
  await wait(ms);
  if (fail) throw new Error(`${name} failed`);
  console.log(`${name} done`);
  return name.length;
}
(async () => {
  console.time && console.log('timing');
  const results = await Promise.all([job('dig', 30), job('plant', 10)]);
  console.log(results);
  try { await job('spray', 5, true); } catch (err) { console.error(err.message); console.log('caught', err.message); } finally { console.log('cleanup'); }
  const settled = await Promise.allSettled([job('a', 1), job('b', 2, true)]);
  console.log(settled.map(s => s.status + ':' + (s.value ?? s.reason.message)));
  const first = await Promise.race([wait(20).then(() => 'slow'), wait(5).then(() => 'fast')]);
  console.log(first);
  for await (const x of [wait(1).then(() => 1), 2]) console.log(x);
})();
console.log('main done');
