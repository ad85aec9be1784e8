import readline from 'readline';
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });
const ask = (q) => new Promise((resolve) => rl.question(q, resolve));
(async () => {
  const name = await ask('Name? ');
  const n = Number(await ask('How many? '));
  for (let i = 1; i <= n; i++) console.log(i, name);
  rl.close();
})();
