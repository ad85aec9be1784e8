const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
async function brew(minutes) {
  await wait(minutes);
  if (minutes > 5) throw new Error('stewed');
  return `tea after ${minutes}`;
}
async function main() {
  console.log(await brew(1));
  try {
    await brew(9);
  } catch (e) {
    console.log('oh no:', e.message);
  }
  const all = await Promise.all([brew(1), brew(2)]);
  console.log(all);
}
main().then(() => console.log('end'));
console.log('start');
