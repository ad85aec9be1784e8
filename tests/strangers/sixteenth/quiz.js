const lines = require('fs').readFileSync(0, 'utf8').split('\n').map(l => l.trim());
const questions = [
  { q: 'What do plants make sugar from?', options: ['light', 'soil', 'sand'], answer: 0, points: 2 },
  { q: 'How many legs has a spider?', options: [6, 8, 10], answer: 1 },
  { q: 'Which is a root?', options: ['leek', 'carrot', 'pea'], answer: 1, points: 3 },
];
let next = 0;
function ask(text) {
  process.stdout.write(text);
  const line = lines[next++] ?? '';
  console.log(line);
  return line;
}

let score = 0, streak = 0;
const missed = [];
questions.forEach(({ q, options, answer, points = 1 }, number) => {
  console.log(`\n${number + 1}. ${q}`);
  options.forEach((o, i) => console.log(`  ${'abc'[i]}) ${o}`));
  let reply = ask('> ').toLowerCase();
  while (!/^[abc]$/.test(reply)) reply = ask('a, b or c? ').toLowerCase();
  const chosen = 'abc'.indexOf(reply);
  if (chosen === answer) {
    streak += 1;
    score += points + (streak > 1 ? 1 : 0);
    console.log('Right!');
  } else {
    streak = 0;
    missed.push(q);
    console.log(`No, it is ${options[answer]}.`);
  }
});
const max = questions.reduce((sum, { points = 1 }) => sum + points, 0);
console.log(`\nScore: ${score}/${max} (${Math.round(score / max * 100)} %)`);
if (missed.length) console.log('Look up again:\n' + missed.map(m => ' * ' + m).join('\n'));
