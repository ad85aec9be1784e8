const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout });
const lines = [];
rl.on('line', (line) => lines.push(line));
rl.on('close', () => {
  const n = parseInt(lines[0], 10);
  const scores = lines.slice(1, n + 1).map((l) => { const [who, pts] = l.split(' '); return { who, pts: Number(pts) }; });
  scores.sort((a, b) => b.pts - a.pts);
  scores.forEach(({ who, pts }, place) => console.log(`${place + 1}. ${who}: ${pts}`));
  const avg = scores.reduce((s, { pts }) => s + pts, 0) / scores.length;
  console.log('Average:', avg.toFixed(1));
});
