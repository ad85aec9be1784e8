const grid = [
  '#########',
  '#S..#...#',
  '#.#.#.#.#',
  '#.#...#E#',
  '#########',
].map((line) => line.split(''));

function find(sign) {
  for (let y = 0; y < grid.length; y++) {
    const x = grid[y].indexOf(sign);
    if (x !== -1) return { x, y };
  }
  return null;
}

function solve() {
  const start = find('S'), end = find('E');
  const queue = [{ ...start, path: [] }];
  const seen = new Set([`${start.x},${start.y}`]);
  while (queue.length > 0) {
    const { x, y, path } = queue.shift();
    if (x === end.x && y === end.y) return path;
    for (const [dx, dy, name] of [[1, 0, 'R'], [-1, 0, 'L'], [0, 1, 'D'], [0, -1, 'U']]) {
      const nx = x + dx, ny = y + dy, key = `${nx},${ny}`;
      if (grid[ny]?.[nx] === '#' || seen.has(key)) continue;
      seen.add(key);
      queue.push({ x: nx, y: ny, path: [...path, name] });
    }
  }
  return undefined;
}
const path = solve();
console.log(path.join(''), path.length);
let { x, y } = find('S');
for (const step of path.slice(0, -1)) {
  if (step === 'R') x++; else if (step === 'L') x--; else if (step === 'D') y++; else y--;
  grid[y][x] = '*';
}
console.log(grid.map((r) => r.join('')).join('\n'));
