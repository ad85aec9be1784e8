// The quiz of class 7b, typed answers come from standard input
const lines = require('fs').readFileSync('/dev/stdin', 'utf8').split('\n').map(s => s.trim());
let next = 0;
const prompt = (q) => {
  console.log(q);
  return lines[next++] || '';
};

const questions = [
  { text: 'How many legs has a bee?', answer: 6, points: 2 },
  { text: 'Name a root vegetable', answer: ['carrot', 'beet', 'radish'], points: 3 },
  { text: 'Is a tomato a fruit? (yes/no)', answer: true, points: 1 },
  { text: '3 * 4 - 2 = ?', answer: 10, points: 2 },
];

function check(given, answer) {
  switch (typeof answer) {
    case 'number':
      return Number(given) === answer;
    case 'boolean':
      return /^y(es)?$/i.test(given) === answer;
    default:
      return Array.isArray(answer) && answer.includes(given.toLowerCase());
  }
}

let score = 0, streak = 0, best = 0;
const wrong = [];
questions.forEach((q, i) => {
  const given = prompt(`${i + 1}) ${q.text}`);
  if (check(given, q.answer)) {
    streak++;
    best = Math.max(best, streak);
    score += q.points + (streak > 1 ? 1 : 0);
    console.log('  right!');
  } else {
    streak = 0;
    wrong.push({ no: i + 1, given: given || '(nothing)', wanted: [].concat(q.answer)[0] });
    console.log('  wrong');
  }
});
const max = questions.reduce((s, q) => s + q.points, 0);
console.log(`Score ${score}/${max} (${(score / max * 100).toFixed(0)}%)`, best);
if (wrong.length) {
  console.log('To learn:');
  for (const { no, given, wanted } of wrong) console.log(`  ${no}: ${given} -> ${wanted}`);
}
const grade = score >= 8 ? 'A' : score >= 6 ? 'B' : score >= 4 ? 'C' : 'D';
console.log({ grade, wrong });
