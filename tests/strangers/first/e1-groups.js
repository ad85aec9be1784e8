const data = [
  { bed: "A", crop: "bean", kilos: 3.5 },
  { bed: "B", crop: "pea", kilos: 1.25 },
  { bed: "A", crop: "pea", kilos: 2 },
  { bed: "C", crop: "kale", kilos: 8.75 },
];
const byBed = data.reduce((acc, row) => {
  (acc[row.bed] ||= []).push(row);
  return acc;
}, {});
for (const [bed, rows] of Object.entries(byBed)) {
  const sum = rows.map(({ kilos }) => kilos).reduce((a, b) => a + b);
  console.log(`${bed}: ${rows.map((r) => r.crop).join("+")} ${sum.toFixed(2)}`);
}
const sorted = [...data].sort((a, b) => b.kilos - a.kilos);
console.log(sorted[0].crop, data.findIndex((r) => r.crop === "kale"), data.some((r) => r.kilos > 8), data.every((r) => r.kilos > 2));
console.table === undefined || console.log(data.find((r) => r.kilos < 2));
