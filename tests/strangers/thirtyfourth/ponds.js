const fs = require('fs');
const lines = fs.readFileSync(0, 'utf8').trim().split('\n');
const [n, m] = lines[0].split(' ').map(Number);
const grid = lines.slice(1, n + 1).map(l => l.split(''));
const seen = grid.map(r => r.map(() => false));
function flood(r, c) {
  if (r < 0 || c < 0 || r >= n || c >= m) return 0;
  if (seen[r][c] || grid[r][c] !== '#') return 0;
  seen[r][c] = true;
  return 1 + flood(r + 1, c) + flood(r - 1, c) + flood(r, c + 1) + flood(r, c - 1);
}
const sizes = [];
for (let r = 0; r < n; r++)
  for (let c = 0; c < m; c++) {
    const s = flood(r, c);
    if (s) sizes.push(s);
  }
sizes.sort((a, b) => b - a);
console.log(`${sizes.length} ponds:`, sizes);
console.log(sizes.length ? `largest ${sizes[0]}, mean ${(sizes.reduce((a, b) => a + b, 0) / sizes.length).toFixed(1)}` : 'none');
const rotated = grid[0].map((_, c) => grid.map(row => row[c]).reverse().join(''));
process.stdout.write(rotated.join('\n') + '\n');
const commands = lines.slice(n + 1);
let x = 0, y = 0, dir = 0;
const dirs = [[0, -1], [1, 0], [0, 1], [-1, 0]];
for (const cmd of commands) {
  const [, op, num] = cmd.match(/^([LRF])(\d*)$/) || [];
  if (op === undefined) { console.error('skip', cmd); continue; }
  if (op === 'L') dir = (dir + 3) % 4;
  else if (op === 'R') dir = (dir + 1) % 4;
  else { const [dx, dy] = dirs[dir]; x += dx * +num; y += dy * +num; }
}
console.log({ x, y, dir: 'NESW'[dir], distance: Math.abs(x) + Math.abs(y) });
