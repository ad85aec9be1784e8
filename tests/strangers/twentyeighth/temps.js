const fs = require("fs");
const input = fs.readFileSync(0, "utf8").trim().split("\n");
const n = Number(input[0]);
const temps = input.slice(1, n + 1).map((l) => {
  const [day, ...values] = l.split(/\s+/);
  return { day, values: values.map(Number) };
});
let hottest = null;
for (const t of temps) {
  t.avg = t.values.reduce((s, v) => s + v, 0) / t.values.length;
  if (hottest === null || t.avg > hottest.avg) hottest = t;
}
console.log(`Hottest: ${hottest.day} with ${hottest.avg.toFixed(1)}`);
const all = temps.flatMap((t) => t.values);
all.sort((a, b) => a - b);
const mid = Math.floor(all.length / 2);
const median = all.length % 2 ? all[mid] : (all[mid - 1] + all[mid]) / 2;
console.log("Median", median);
const counts = {};
all.forEach((v) => {
  counts[v] = (counts[v] || 0) + 1;
});
const mode = Object.keys(counts).reduce((a, b) => (counts[a] >= counts[b] ? a : b));
console.log("Mode", mode, typeof mode, counts);
const hist = new Array(5).fill(0);
for (const v of all) hist[Math.min(4, Math.floor(v / 5))]++;
hist.forEach((h, i) => console.log(`${String(i * 5).padStart(2, "0")}-${i * 5 + 4}`, "#".repeat(h)));
process.stdout.write("end");
process.stdout.write("\n");
