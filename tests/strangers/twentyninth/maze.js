const rl = require('readline').createInterface({ input: process.stdin });
const lines = [];
rl.on('line', l => lines.push(l));
rl.on('close', () => {
  const n = parseInt(lines.shift(), 10);
  const grid = lines.slice(0, n).map(r => r.split(''));
  const dirs = [[0, 1], [1, 0], [0, -1], [-1, 0]];
  let start;
  grid.forEach((row, y) => row.forEach((c, x) => { if (c === 'S') start = { x, y }; }));
  const queue = [[start.x, start.y, 0]];
  const seen = new Set([`${start.x},${start.y}`]);
  let answer = -1;
  while (queue.length > 0) {
    const [x, y, d] = queue.shift();
    if (grid[y][x] === 'E') { answer = d; break; }
    for (const [dx, dy] of dirs) {
      const nx = x + dx, ny = y + dy;
      if (ny < 0 || ny >= n || nx < 0 || nx >= grid[ny].length) continue;
      const key = `${nx},${ny}`;
      if (grid[ny][nx] === '#' || seen.has(key)) continue;
      seen.add(key);
      queue.push([nx, ny, d + 1]);
    }
  }
  console.log(answer < 0 ? 'no way' : `shortest: ${answer} step${answer === 1 ? '' : 's'}`);
  console.log(seen.size, [...seen].slice(0, 3));
  console.log(grid.map(r => r.join('')).join('\n'));
});
