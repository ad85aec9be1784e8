const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin });
const lines = [];
rl.on("line", (line) => lines.push(line.trim()));
rl.on("close", () => {
  const [n, m] = lines[0].split(" ").map(Number);
  const grid = lines.slice(1, n + 1).map((l) => l.split(""));
  const seen = Array.from({ length: n }, () => Array(m).fill(false));
  const dirs = [[0, 1], [1, 0], [0, -1], [-1, 0]];
  let islands = 0, biggest = 0;
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < m; j++) {
      if (grid[i][j] !== "#" || seen[i][j]) continue;
      islands++;
      let size = 0;
      const stack = [[i, j]];
      seen[i][j] = true;
      while (stack.length) {
        const [x, y] = stack.pop();
        size++;
        for (const [dx, dy] of dirs) {
          const a = x + dx, b = y + dy;
          if (a < 0 || b < 0 || a >= n || b >= m) continue;
          if (grid[a][b] === "#" && !seen[a][b]) { seen[a][b] = true; stack.push([a, b]); }
        }
      }
      biggest = Math.max(biggest, size);
    }
  }
  console.log(islands, biggest);
  console.log(grid.map((r) => r.join("")).join("\n"));
});
