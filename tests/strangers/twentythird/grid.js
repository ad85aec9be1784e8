const map = `
#########
#S..#...#
#.#.#.#.#
#.#...#E#
#########`.trim().split('\n').map((row) => [...row]);

function locate(grid, what) {
  for (let y = 0; y < grid.length; y++) {
    const x = grid[y].indexOf(what);
    if (x !== -1) return { x, y };
  }
  return null;
}
function solve(grid) {
  const start = locate(grid, 'S'), end = locate(grid, 'E');
  const key = ({ x, y }) => `${x},${y}`;
  const cameFrom = new Map([[key(start), null]]);
  const queue = [start];
  while (queue.length > 0) {
    const current = queue.shift();
    if (current.x === end.x && current.y === end.y) {
      const path = [];
      for (let at = current; at; at = cameFrom.get(key(at))) path.unshift(at);
      return path;
    }
    for (const [dx, dy] of [[0, -1], [1, 0], [0, 1], [-1, 0]]) {
      const next = { x: current.x + dx, y: current.y + dy };
      if (grid[next.y]?.[next.x] !== '#' && grid[next.y]?.[next.x] !== undefined && !cameFrom.has(key(next))) {
        cameFrom.set(key(next), current);
        queue.push(next);
      }
    }
  }
  return [];
}
const path = solve(map);
console.log(path.length, path[0], path.at(-1));
path.slice(1, -1).forEach(({ x, y }) => (map[y][x] = '*'));
console.log(map.map((r) => r.join('')).join('\n'));

const board = Array.from({ length: 3 }, () => Array(3).fill(' '));
const lines = [[0, 1, 2], [3, 4, 5], [6, 7, 8], [0, 3, 6], [1, 4, 7], [2, 5, 8], [0, 4, 8], [2, 4, 6]];
const winner = (cells) => {
  for (const [a, b, c] of lines) if (cells[a] !== ' ' && cells[a] === cells[b] && cells[b] === cells[c]) return cells[a];
  return cells.includes(' ') ? null : 'draw';
};
let turn = 'X';
for (const move of [4, 0, 2, 6, 3, 5, 1, 7, 8]) {
  const row = Math.floor(move / 3), col = move % 3;
  board[row][col] = turn;
  const result = winner(board.flat());
  if (result) { console.log(result, 'after', move); break; }
  turn = turn === 'X' ? 'O' : 'X';
}
console.log(board.map((r) => ' ' + r.join(' | ')).join('\n---+---+---\n'));
function minimax(cells, player) {
  const w = winner(cells);
  if (w) return { score: w === 'X' ? 1 : w === 'O' ? -1 : 0 };
  let best = null;
  cells.forEach((c, i) => {
    if (c !== ' ') return;
    cells[i] = player;
    const { score } = minimax(cells, player === 'X' ? 'O' : 'X');
    cells[i] = ' ';
    if (!best || (player === 'X' ? score > best.score : score < best.score)) best = { score, move: i };
  });
  return best;
}
console.log(minimax('XOX OO   '.split('').map((c) => c), 'X'));
const rotate = (m) => m[0].map((_, i) => m.map((r) => r[i]).reverse());
console.log(rotate([[1, 2], [3, 4], [5, 6]]), [[1, 2], [3, 4]].map((r) => r.map((v) => v * 2)));
const sudoku = [1, 2, 3, 4, 5, 6, 7, 8, 9];
outer: for (let i = 0; i < 9; i++) { for (const n of sudoku) { if (n * i === 42) { console.log(i, n); break outer; } if (n > 7) continue outer; } }
