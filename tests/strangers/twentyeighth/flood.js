const readline = require("readline");
const rl = readline.createInterface({ input: process.stdin });
const lines = [];
rl.on("line", line => lines.push(line));
rl.on("close", () => {
  const [n, m] = lines[0].split(" ").map(Number);
  const grid = lines.slice(1, n + 1).map(l => l.split(""));
  let count = 0;
  const flood = (r, c) => {
    if (r < 0 || c < 0 || r >= n || c >= m || grid[r][c] !== "#") return 0;
    grid[r][c] = "x";
    return 1 + flood(r + 1, c) + flood(r - 1, c) + flood(r, c + 1) + flood(r, c - 1);
  };
  const sizes = [];
  for (let r = 0; r < n; r++) {
    for (let c = 0; c < m; c++) {
      const size = flood(r, c);
      if (size) {
        count++;
        sizes.push(size);
      }
    }
  }
  sizes.sort((a, b) => b - a);
  console.log(count, sizes);
  console.log(grid.map(r => r.join("")).join("\n"));
  const words = lines.slice(n + 1).join(" ").toLowerCase().match(/[a-z]+/g) || [];
  const freq = words.reduce((map, w) => map.set(w, (map.get(w) || 0) + 1), new Map());
  [...freq].sort(([a, x], [b, y]) => y - x || a.localeCompare(b)).slice(0, 3).forEach(([w, k]) => console.log(w.padEnd(6) + k));
});
