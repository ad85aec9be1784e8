function sleep(ms) {
  return new Promise(resolve => setTimeout(resolve, ms));
}

async function water(bed, ms) {
  console.log(`start ${bed}`);
  await sleep(ms);
  console.log(`done ${bed}`);
  return bed.length;
}

async function main() {
  const first = await water('north', 20);
  console.log(first);
  const all = await Promise.all([water('south', 30), water('pond', 10)]);
  console.log(all);
  try {
    await Promise.reject(new Error('no water'));
  } catch (e) {
    console.log('caught', e.message);
  }
}

main().then(() => console.log('end'));
console.log('meanwhile');
