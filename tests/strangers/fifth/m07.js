const grid = [];
for (let r = 0; r < 3; r++) {
  grid.push([]);
  for (let c = 0; c < 3; c++) grid[r].push(".");
}
function place(row, col, mark) {
  if (grid[row][col] !== ".") return false;
  grid[row][col] = mark;
  return true;
}
function winner() {
  const lines = [...grid, ...[0, 1, 2].map(c => grid.map(r => r[c])), [0, 1, 2].map(i => grid[i][i]), [0, 1, 2].map(i => grid[i][2 - i])];
  for (const line of lines) if (line[0] !== "." && line.every(x => x === line[0])) return line[0];
  return null;
}
let player = "X";
for (const [r, c] of [[1, 1], [0, 0], [1, 1], [0, 2], [2, 2], [2, 0]]) {
  if (!place(r, c, player)) { console.log("taken"); continue; }
  if (winner()) { console.log(winner() + " wins"); break; }
  player = player === "X" ? "O" : "X";
}
console.log(grid.map(r => r.join(" ")).join("\n"));
console.log(grid.flat().filter(c => c !== ".").length, grid.some(r => r.includes("X")));
