const size = 5;
const grid = [];
for (let y = 0; y < size; y++) {
  grid[y] = [];
  for (let x = 0; x < size; x++) grid[y][x] = (x * y) % 3 == 0 ? "." : "#";
}
function show() {
  console.log(grid.map((row) => row.join("")).join("\n"));
}
function neighbours(x, y) {
  let n = 0;
  for (let dy = -1; dy <= 1; dy++)
    for (let dx = -1; dx <= 1; dx++) {
      if (!dx && !dy) continue;
      if (grid[y + dy]?.[x + dx] === "#") n++;
    }
  return n;
}
show();
const next = grid.map((row, y) => row.map((cell, x) => { const n = neighbours(x, y); return n == 3 || (n == 2 && cell == "#") ? "#" : "."; }));
for (let y = 0; y < size; y++) grid[y] = next[y];
console.log("-".repeat(size));
show();
function fill(x, y) {
  if (x < 0 || y < 0 || x >= size || y >= size || grid[y][x] !== ".") return 0;
  grid[y][x] = "o";
  return 1 + fill(x + 1, y) + fill(x - 1, y) + fill(x, y + 1) + fill(x, y - 1);
}
console.log(fill(0, 0));
show();
