const fs = require("fs");
const input = fs.readFileSync(0, "utf8").trim().split("\n");

const [rows, cols] = input[0].split(" ").map(Number);
const grid = input.slice(1, rows + 1).map((line) => line.split(""));

function find(sign) {
  for (let y = 0; y < rows; y++) {
    const x = grid[y].indexOf(sign);
    if (x >= 0) return [y, x];
  }
  return null;
}

function bfs(start, goal) {
  const key = (y, x) => `${y},${x}`;
  const queue = [start];
  const from = { [key(...start)]: null };
  while (queue.length > 0) {
    const [y, x] = queue.shift();
    if (y === goal[0] && x === goal[1]) {
      const path = [];
      let at = key(y, x);
      while (at !== null) {
        path.unshift(at);
        at = from[at];
      }
      return path;
    }
    for (const [dy, dx] of [[0, 1], [1, 0], [0, -1], [-1, 0]]) {
      const ny = y + dy;
      const nx = x + dx;
      if (ny < 0 || nx < 0 || ny >= rows || nx >= cols || grid[ny][nx] === "#") continue;
      if (key(ny, nx) in from) continue;
      from[key(ny, nx)] = key(y, x);
      queue.push([ny, nx]);
    }
  }
  return null;
}

const path = bfs(find("S"), find("E"));
if (path) {
  console.log(`shortest path: ${path.length - 1}`);
  path.slice(1, -1).forEach((step) => {
    const [y, x] = step.split(",").map((n) => parseInt(n));
    grid[y][x] = "*";
  });
  console.log(grid.map((row) => row.join("")).join("\n"));
} else {
  console.log("no path");
}
