// Shortest way through the garden, breadth first
const map = [
  'S.#.....',
  '..#.##.#',
  '.#..#...',
  '...##.#.',
  '.#....#E',
];

function find(grid, ch) {
  for (let y = 0; y < grid.length; y++) {
    const x = grid[y].indexOf(ch);
    if (x >= 0) return { x, y };
  }
  return null;
}

function bfs(grid) {
  const start = find(grid, 'S'), end = find(grid, 'E');
  const key = ({ x, y }) => `${x},${y}`;
  const queue = [start];
  const from = new Map([[key(start), null]]);
  const dirs = [[1, 0], [-1, 0], [0, 1], [0, -1]];
  while (queue.length > 0) {
    const here = queue.shift();
    if (here.x === end.x && here.y === end.y) {
      const path = [];
      let at = here;
      while (at) {
        path.unshift(at);
        at = from.get(key(at));
      }
      return path;
    }
    for (const [dx, dy] of dirs) {
      const next = { x: here.x + dx, y: here.y + dy };
      const cell = grid[next.y]?.[next.x];
      if (cell === undefined || cell === '#' || from.has(key(next))) continue;
      from.set(key(next), here);
      queue.push(next);
    }
  }
  return [];
}

const path = bfs(map);
console.log(`Length: ${path.length - 1}`);
const picture = map.map(row => row.split(''));
path.slice(1, -1).forEach(({ x, y }) => { picture[y][x] = '*'; });
console.log(picture.map(row => row.join('')).join('\n'));

const distances = Array.from({ length: map.length }, () => Array(map[0].length).fill(Infinity));
(function flood(x, y, d) {
  if (y < 0 || y >= map.length || x < 0 || x >= map[y].length) return;
  if (map[y][x] === '#' || distances[y][x] <= d) return;
  distances[y][x] = d;
  flood(x + 1, y, d + 1); flood(x - 1, y, d + 1);
  flood(x, y + 1, d + 1); flood(x, y - 1, d + 1);
})(0, 0, 0);
console.log(distances.map(r => r.map(d => d === Infinity ? '##' : String(d).padStart(2, '0')).join(' ')).join('\n'));
let walls = 0;
outer:
for (const row of map) {
  for (const c of row) {
    if (c === 'E') break outer;
    if (c === '#') walls++;
  }
}
console.log(walls, path.map(({ x, y }) => x + y).join(' '));
