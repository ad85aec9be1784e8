const fs = require('fs');
const lines = fs.readFileSync(0, 'utf-8').trim().split('\n');
const n = Number(lines[0]);
const grid = lines.slice(1, n + 1).map((l) => l.split(''));
function count(r, c) {
  let sum = 0;
  for (let dr = -1; dr <= 1; dr++)
    for (let dc = -1; dc <= 1; dc++)
      if ((dr || dc) && grid[r + dr]?.[c + dc] === '*') sum++;
  return sum;
}
for (let r = 0; r < grid.length; r++) {
  let out = '';
  for (let c = 0; c < grid[r].length; c++) out += grid[r][c] === '*' ? '*' : count(r, c) || '.';
  console.log(out);
}
const [a, b] = lines[n + 1].split(' ').map(Number);
console.log(a + b, Math.hypot(a, b), Math.sign(a - b), (a / b).toFixed(3));
const isPrime = (k) => { if (k < 2) return false; for (let d = 2; d * d <= k; d++) if (k % d === 0) return false; return true; };
console.log(Array.from({ length: 30 }, (_, k) => k).filter(isPrime).join());
const caesar = (s, k) => s.replace(/[a-z]/g, (ch) => String.fromCharCode((ch.charCodeAt(0) - 97 + k + 26) % 26 + 97));
console.log(caesar('hedge hog', 3), caesar(caesar('hedge hog', 3), -3));
