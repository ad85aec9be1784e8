const questions = [
  { q: "Legs of a spider?", a: "8", points: 1 },
  { q: "Colour of chlorophyll?", a: "green", points: 2 },
  { q: "3 x 7?", a: "21", points: 1 },
];
const answers = ["8", "Green ", "twenty"];
let score = 0, max = 0;
questions.forEach(({ q, a, points }, i) => {
  max += points;
  const given = answers[i].trim().toLowerCase();
  const right = given === a;
  if (right) score += points;
  console.log(`${i + 1}) ${q} ${given} ${right ? "✓" : `✗ (${a})`}`);
});
const percent = Math.round((score / max) * 100);
let rank;
switch (true) {
  case percent >= 90: rank = "gardener"; break;
  case percent >= 50: rank = "helper"; break;
  default: rank = "visitor";
}
console.log(`${score}/${max} = ${percent}% -> ${rank}`);
console.log(typeof score, typeof rank, typeof questions, typeof undefined, typeof null, Array.isArray(questions));
