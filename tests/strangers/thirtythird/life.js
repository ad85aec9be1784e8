const ROWS = 6, COLS = 8;
let grid = Array.from({ length: ROWS }, () => Array(COLS).fill(0));
[[1, 2], [2, 3], [3, 1], [3, 2], [3, 3]].forEach(([r, c]) => { grid[r][c] = 1; });

const draw = g => g.map(row => row.map(cell => (cell ? '#' : '.')).join('')).join('\n');
const neighbours = (g, r, c) => {
  let n = 0;
  for (let dr = -1; dr <= 1; dr++)
    for (let dc = -1; dc <= 1; dc++)
      if (dr || dc) n += g[(r + dr + ROWS) % ROWS][(c + dc + COLS) % COLS];
  return n;
};
const next = g => g.map((row, r) => row.map((cell, c) => {
  const n = neighbours(g, r, c);
  return +(n === 3 || (cell === 1 && n === 2));
}));

for (let step = 0; step < 3; step++, grid = next(grid)) {
  console.log(`step ${step}:`);
  console.log(draw(grid));
}
console.log(grid.flat().filter(Boolean).length, 'alive');
const seen = new Set();
let steps = 0;
while (!seen.has(draw(grid)) && steps < 200) {
  seen.add(draw(grid));
  grid = next(grid);
  ++steps;
}
console.log(steps, seen.size);
const transpose = m => m[0].map((_, i) => m.map(row => row[i]));
console.log(transpose([[1, 2, 3], [4, 5, 6]]));
console.table && console.log('ok');
const spiral = m => m.length ? [...m[0], ...spiral(transpose(m.slice(1).map(r => r.slice().reverse())).slice(0))] : [];
console.log([...'garden'].map((ch, i) => ch.charCodeAt(0) + i), String.fromCharCode(72, 105));
