// Conway's garden on a small torus
const W = 8, H = 6;
let grid = Array.from({ length: H }, () => Array(W).fill(0));
const put = (...cells) => cells.forEach(([r, c]) => { grid[r][c] = 1; });
put([1, 2], [2, 3], [3, 1], [3, 2], [3, 3]);
const wrap = (n, m) => ((n % m) + m) % m;
function neighbours(r, c) {
  let n = 0;
  for (let dr = -1; dr <= 1; dr++)
    for (let dc = -1; dc <= 1; dc++)
      if (dr || dc) n += grid[wrap(r + dr, H)][wrap(c + dc, W)];
  return n;
}
function step() {
  grid = grid.map((row, r) => row.map((cell, c) => {
    const n = neighbours(r, c);
    return n === 3 || (cell && n === 2) ? 1 : 0;
  }));
}
function draw(label) {
  console.log(`-- ${label} ${'-'.repeat(Math.max(0, W - label.length - 4))}`);
  for (const row of grid) console.log(row.map((c) => '.#'[c]).join(''));
}
draw('gen 0');
for (let g = 1; g <= 4; g++) step();
draw('gen 4');
const alive = grid.flat().reduce((a, b) => a + b);
console.log('alive:', alive, grid.flatMap((row, r) => row.map((c, i) => c ? `${r},${i}` : null)).filter(Boolean));
const key = grid.map((r) => r.join('')).join('|');
const seen = new Set();
let generations = 0;
while (!seen.has(grid.map((r) => r.join('')).join('|')) && generations < 100) {
  seen.add(grid.map((r) => r.join('')).join('|'));
  step();
  generations++;
}
console.log(`repeats after ${generations}`, seen.size, seen.has(key));
