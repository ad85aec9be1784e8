const csv = `bed,crop,kilos
A,bean,3.5
B,pea,1.25

C,kale,x`;
const [header, ...lines] = csv.split("\n").filter((line) => line.trim() !== "");
const names = header.split(",");
const rows = lines.map((line) => {
  const parts = line.split(",");
  const row = {};
  names.forEach((name, i) => (row[name] = parts[i]));
  return row;
});
let total = 0;
let bad = 0;
for (const row of rows) {
  const k = Number(row.kilos);
  if (isNaN(k)) { bad += 1; continue; }
  total += k;
}
console.log(rows.length, total, bad);
console.log(rows[0]);
console.log(rows.map(Object.values));
