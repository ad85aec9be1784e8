function delay(ms) {
  return new Promise(function (resolve) {
    setTimeout(resolve, ms);
  });
}
function later(value, ms) {
  return new Promise((resolve) => {
    setTimeout(() => resolve(value), ms);
  });
}
const run = async () => {
  console.log('a');
  await delay(20);
  const v = await later(7, 10);
  console.log(v * 2);
  const list = [1, 2, 3];
  for (const x of list) {
    await delay(x);
    console.log('x', x);
  }
};
run().catch(console.error);
