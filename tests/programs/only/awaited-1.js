const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function countdown(n) {
  for (let i = n; i > 0; i--) {
    console.log(i);
    await sleep(10);
  }
  return 'lift off';
}

async function main() {
  const word = await countdown(3);
  console.log(word);
  try {
    await fail();
  } catch (e) {
    console.log('caught', e.message);
  }
}

async function fail() {
  await sleep(5);
  throw new Error('broken');
}

main();
