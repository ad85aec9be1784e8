const fs = require("fs");
const lines = fs.readFileSync(0, "utf8").trim().split("\n");
const n = Number(lines[0]);
const rows = lines.slice(1, n + 1).map((line) => line.split(" ").map(Number));
let best = -Infinity;
let bestRow = -1;
rows.forEach((row, i) => {
  const total = row.reduce((a, b) => a + b);
  console.log(`Row ${i + 1}: total ${total}, average ${(total / row.length).toFixed(1)}`);
  if (total > best) {
    best = total;
    bestRow = i + 1;
  }
});
console.log("Best row is", bestRow, "with", best);
const transposed = rows[0].map((_, c) => rows.map((r) => r[c]));
console.log(transposed);
console.log(transposed.map((c) => Math.max(...c)).join(" "));
const flat = rows.flat().sort((a, b) => a - b);
const mid = Math.floor(flat.length / 2);
const median = flat.length % 2 ? flat[mid] : (flat[mid - 1] + flat[mid]) / 2;
console.log({ median, min: flat[0], max: flat[flat.length - 1] });
const freq = flat.reduce((m, x) => ({ ...m, [x]: (m[x] ?? 0) + 1 }), {});
console.log(freq);
