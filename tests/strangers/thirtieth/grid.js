const WALL = '#', FREE = '.', START = 'S', END = 'E';
const maze = [
  'S.#.....',
  '..#.###.',
  '.##.#...',
  '....#.#E',
].map(line => line.split(''));

function locate(sign) {
  for (let y = 0; y < maze.length; y++) {
    const x = maze[y].indexOf(sign);
    if (x !== -1) return { x, y };
  }
  return null;
}

function bfs(from, to) {
  const key = ({ x, y }) => `${x},${y}`;
  const queue = [from];
  const parents = new Map([[key(from), null]]);
  while (queue.length > 0) {
    const here = queue.shift();
    if (here.x === to.x && here.y === to.y) {
      const path = [];
      for (let p = here; p; p = parents.get(key(p))) path.unshift(p);
      return path;
    }
    for (const [dx, dy] of [[1, 0], [0, 1], [-1, 0], [0, -1]]) {
      const next = { x: here.x + dx, y: here.y + dy };
      const sign = maze[next.y]?.[next.x];
      if (sign === undefined || sign === WALL || parents.has(key(next))) continue;
      parents.set(key(next), here);
      queue.push(next);
    }
  }
  return [];
}

const path = bfs(locate(START), locate(END));
console.log(path.length - 1, 'steps');
const drawn = maze.map(row => [...row]);
path.slice(1, -1).forEach(({ x, y }, i) => { drawn[y][x] = String(i % 10); });
console.log(drawn.map(r => r.join('')).join('\n'));
console.log(locate('?'), path[0], path.at(-1));
const flood = (grid, x, y, color) => {
  if (grid[y] === undefined || grid[y][x] !== FREE) return 0;
  grid[y][x] = color;
  return 1 + flood(grid, x + 1, y, color) + flood(grid, x - 1, y, color) + flood(grid, x, y + 1, color) + flood(grid, x, y - 1, color);
};
const copy = maze.map(r => r.slice());
console.log(flood(copy, 1, 0, '~'), copy.map(r => r.join('')));
const counts = maze.flat().reduce((c, s) => (c[s] = (c[s] || 0) + 1, c), {});
console.log(counts);
const transposed = maze[0].map((_, i) => maze.map(r => r[i]).join(''));
console.log(transposed);
