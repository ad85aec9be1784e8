const prompt = (() => { const all = require('fs').readFileSync(0, 'utf8').split('\n'); let at = 0; return (q) => { process.stdout.write(q); return at < all.length ? all[at++] : null; }; })();
let secret = 37, tries = 0, guess;
do {
  guess = Number(prompt('Guess: '));
  tries++;
  if (Number.isNaN(guess)) { console.log('a number, please'); continue; }
  console.log(guess < secret ? 'higher' : guess > secret ? 'lower' : `found after ${tries}`);
} while (guess !== secret && tries < 10);
const name = prompt('Name? ') || 'stranger';
console.log(`Well done, ${name[0].toUpperCase() + name.slice(1).toLowerCase()}!`);
let answer = prompt('Again (y/n)? ');
while (!['y', 'n'].includes(answer?.toLowerCase())) answer = prompt('y or n? ');
console.log(answer === 'y' ? 'later' : 'bye');
