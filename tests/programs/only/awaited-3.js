const wait = ms => new Promise(r => setTimeout(r, ms));
class Robot {
  constructor(name) { this.name = name; }
  async move(steps) {
    for (let i = 0; i < steps; i++) {
      await wait(5);
      console.log(`${this.name} step ${i + 1}`);
    }
    return this;
  }
}
(async function () {
  const r = new Robot('Bix');
  await r.move(2);
  await wait(3);
  console.log('done');
})();
