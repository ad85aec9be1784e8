const delay = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function water(bed, ms) {
  console.log(`start ${bed}`);
  await delay(ms);
  console.log(`done ${bed}`);
  return `${bed} wet`;
}

async function main() {
  const one = await water("roses", 20);
  console.log(one);
  const both = await Promise.all([water("peas", 30), water("kale", 10)]);
  console.log(both);
  try {
    await Promise.reject(new Error("no water"));
  } catch (err) {
    console.log("caught", err.message);
  }
  for (const bed of ["a", "b"]) {
    await delay(1);
    console.log(bed);
  }
  return "finished";
}

main()
  .then((r) => console.log(r))
  .catch((e) => console.error(e))
  .finally(() => console.log("end"));
console.log("first");
setTimeout(() => console.log("timeout"), 0);
Promise.resolve("micro").then(console.log);
