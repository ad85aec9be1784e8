const W = 12, H = 8;
let grid = `
............
.#..........
..#.........
###.........
........##..
........##..
............
............`.trim().split('\n').map(r => [...r].map(c => +(c === '#')));

const neighbours = (g, y, x) => {
  let n = 0;
  for (let dy = -1; dy <= 1; dy++)
    for (let dx = -1; dx <= 1; dx++)
      if (dy || dx) n += g[(y + dy + H) % H][(x + dx + W) % W];
  return n;
};
const step = g => g.map((row, y) => row.map((c, x) => {
  const n = neighbours(g, y, x);
  return Number(n === 3 || (c && n === 2));
}));
const show = g => g.map(r => r.map(c => c ? '█' : '·').join('')).join('\n');
const key = g => g.flat().join('');
const seen = new Map([[key(grid), 0]]);
for (let gen = 1; ; gen++) {
  grid = step(grid);
  const k = key(grid);
  if (seen.has(k)) { console.log(`repeats after ${gen}, period ${gen - seen.get(k)}`); break; }
  seen.set(k, gen);
  if (gen % 20 === 0) console.log(`gen ${String(gen).padStart(3, '0')}\n${show(grid)}`);
  if (gen >= 60) break;
}
console.log(seen.size, grid.flat().filter(Boolean).length);
