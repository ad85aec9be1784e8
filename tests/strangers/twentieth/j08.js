const board = Array.from({ length: 3 }, () => Array(3).fill(" "));
const lines = [];
for (let i = 0; i < 3; i++) {
  lines.push([[i, 0], [i, 1], [i, 2]]);
  lines.push([[0, i], [1, i], [2, i]]);
}
lines.push([[0, 0], [1, 1], [2, 2]], [[0, 2], [1, 1], [2, 0]]);

function winner() {
  for (const line of lines) {
    const [a, b, c] = line.map(([r, k]) => board[r][k]);
    if (a !== " " && a === b && b === c) return a;
  }
  return board.flat().includes(" ") ? null : "draw";
}

const draw = () => console.log(board.map((row) => row.join("|")).join("\n-+-+-\n"));

let player = "X";
const moves = [[0, 0], [1, 1], [0, 1], [1, 1], [0, 2]];
for (const [r, c] of moves) {
  if (board[r][c] !== " ") {
    console.log(`(${r}, ${c}) is taken`);
    continue;
  }
  board[r][c] = player;
  const w = winner();
  if (w) {
    draw();
    console.log(w === "draw" ? "Nobody wins" : `${w} wins`);
    break;
  }
  player = player === "X" ? "O" : "X";
}

const grid = ["..#", ".#.", "#.."].map((row) => row.split(""));
let count = 0;
outer: for (let y = 0; y < grid.length; y++) {
  for (let x = 0; x < grid[y].length; x++) {
    if (grid[y][x] === "#") {
      count++;
      continue outer;
    }
  }
}
console.log(count);
function fill(g, y, x) {
  if (y < 0 || x < 0 || y >= g.length || x >= g[0].length || g[y][x] !== ".") return 0;
  g[y][x] = "~";
  return 1 + fill(g, y + 1, x) + fill(g, y - 1, x) + fill(g, y, x + 1) + fill(g, y, x - 1);
}
console.log(fill(grid, 0, 0));
console.log(grid.map((r) => r.join("")).join("\n"));
