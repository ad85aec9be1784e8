const wait = ms => new Promise(r => setTimeout(r, ms));
class Door {
  #open = false;
  constructor(bots) { this.bots = bots; }
  async swing() { await wait(1); this.#open = !this.#open; return this.#open; }
  async all() { for (const b of this.bots) { console.log(await b.swing()); } }
}
async function main() {
  const d = new Door([]);
  const e = new Door([d, d]);
  await e.all();
  console.log(await e.bots[0].swing());
}
main().then(() => console.log('end'));
