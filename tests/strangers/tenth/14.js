const readline = require("readline").createInterface({ input: process.stdin });
const lines = [];
readline.on("line", l => lines.push(l.trim()));
readline.on("close", () => {
  const [n, m] = lines[0].split(" ").map(Number);
  const grid = lines.slice(1, n + 1).map(row => row.split(""));
  const seen = new Set();
  let regions = 0;
  const flood = (r, c, ch) => {
    const key = `${r},${c}`;
    if (r < 0 || c < 0 || r >= n || c >= m || seen.has(key) || grid[r][c] !== ch) return 0;
    seen.add(key);
    return 1 + flood(r + 1, c, ch) + flood(r - 1, c, ch) + flood(r, c + 1, ch) + flood(r, c - 1, ch);
  };
  const sizes = {};
  for (let r = 0; r < n; r++) {
    for (let c = 0; c < m; c++) {
      const size = flood(r, c, grid[r][c]);
      if (size) {
        regions++;
        sizes[grid[r][c]] = Math.max(sizes[grid[r][c]] || 0, size);
      }
    }
  }
  console.log(regions);
  Object.entries(sizes).sort(([a], [b]) => a < b ? -1 : 1).forEach(([k, v]) => console.log(k, v));
});
