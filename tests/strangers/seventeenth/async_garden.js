const wait = ms => new Promise(resolve => setTimeout(resolve, ms));

async function water(name, ms) {
  console.log(`start ${name}`);
  await wait(ms);
  console.log(`done ${name}`);
  return name.length;
}

function flaky(n) {
  return new Promise((resolve, reject) => {
    if (n % 2) reject(new Error('odd ' + n));
    else resolve(n);
  });
}

async function main() {
  const a = await water('beans', 20);
  const [b, c] = await Promise.all([water('kale', 30), water('mint', 10)]);
  console.log(a, b, c);
  for (const n of [1, 2]) {
    try {
      console.log('got', await flaky(n));
    } catch (err) {
      console.log('failed:', err.message);
    } finally {
      console.log('tried', n);
    }
  }
}

console.log('before');
main().then(() => console.log('all done')).catch(e => console.error(e));
console.log('after');
