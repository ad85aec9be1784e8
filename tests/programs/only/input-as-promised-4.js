import readline from 'readline';
async function main() {
  const rl = readline.createInterface({ input: process.stdin });
  let total = 0, count = 0;
  for await (const line of rl) {
    const n = parseFloat(line);
    if (Number.isNaN(n)) { console.log('skip', line); continue; }
    total += n; count++;
  }
  console.log('mean', (total / count).toFixed(2));
}
main();
