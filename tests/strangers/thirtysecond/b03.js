const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
const answers = [];
const questions = ['Bed name? ', 'How many rows? ', 'Plants a row? '];
const ask = (i) => {
  if (i === questions.length) {
    rl.close();
    return finish();
  }
  rl.question(questions[i], (a) => {
    answers.push(a.trim());
    ask(i + 1);
  });
};
function finish() {
  const [name, rows, per] = answers;
  const n = Number(rows) * Number(per);
  if (Number.isNaN(n)) {
    console.log('That is not a number.');
    return;
  }
  console.log(`\n${name} holds ${n} plant${n === 1 ? '' : 's'}.`);
  for (let r = 0; r < rows; r++) console.log('*'.repeat(per));
}
ask(0);
