const seeds = { kale: 3, bean: 2 };
const store = {
  async count(name) {
    await null;
    if (!(name in seeds)) throw new Error("no " + name);
    return seeds[name];
  },
  label: "store",
};
async function main() {
  console.log(await store.count("kale"), store.label);
  try { await store.count("rose"); } catch (e) { console.log(e.message); }
  const all = await Promise.all([store.count("kale"), store.count("bean")]);
  console.log(all);
}
main();
console.log("first");
