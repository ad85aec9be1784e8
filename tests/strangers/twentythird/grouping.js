const harvest = [
  { crop: 'peas', bed: 1, kg: 4.5, month: 'June' },
  { crop: 'beans', bed: 2, kg: 7, month: 'July' },
  { crop: 'peas', bed: 3, kg: 2.25, month: 'July' },
  { crop: 'kale', bed: 1, kg: 3, month: 'October' },
  { crop: 'beans', bed: 2, kg: 1.5, month: 'August' },
];

const groupBy = (list, key) =>
  list.reduce((groups, item) => {
    const k = typeof key === 'function' ? key(item) : item[key];
    (groups[k] = groups[k] || []).push(item);
    return groups;
  }, {});

const sum = (xs) => xs.reduce((a, b) => a + b, 0);
const byCrop = groupBy(harvest, 'crop');
for (const [crop, rows] of Object.entries(byCrop)) {
  console.log(`${crop.padEnd(8, '.')}${sum(rows.map((r) => r.kg)).toFixed(2).padStart(8)} kg in ${rows.length} picking${rows.length === 1 ? '' : 's'}`);
}
const byMonth = groupBy(harvest, ({ month }) => month.slice(0, 3).toUpperCase());
console.log(Object.keys(byMonth));
const best = harvest.reduce((a, b) => (b.kg > a.kg ? b : a));
console.log(best);
const beds = new Map();
for (const { bed, kg } of harvest) beds.set(bed, (beds.get(bed) ?? 0) + kg);
console.log([...beds.entries()].sort(([a], [b]) => a - b));
console.log(beds);
const crops = [...new Set(harvest.map((h) => h.crop))].sort();
console.log(crops, crops.includes('kale'), crops.indexOf('leek'));
const table = Object.fromEntries(crops.map((c) => [c, byCrop[c].length]));
console.log(JSON.stringify(table), JSON.stringify(harvest[0], null, 2));
const copy = structuredClone ? harvest.map((h) => ({ ...h, kg: h.kg * 2 })) : [];
console.log(copy[0].kg, harvest[0].kg, copy.length);
const sorted = [...harvest].sort((a, b) => b.kg - a.kg || a.crop.localeCompare(b.crop));
console.log(sorted.map(({ crop, kg }) => `${crop}:${kg}`).join(', '));
console.log(harvest.flatMap((h) => (h.kg > 3 ? [h.bed, h.kg] : [])));
const [first, , third, ...more] = sorted;
console.log(first.crop, third.crop, more.length);
const avg = sum(harvest.map((h) => h.kg)) / harvest.length;
console.log(Math.round(avg * 100) / 100, +avg.toFixed(1), Number.parseFloat('3.5kg'), parseInt('12px', 10));
const lookup = { peas: { sow: [3, 5] }, kale: {} };
console.log(lookup.peas?.sow?.[1], lookup.kale.sow?.[0], lookup.leek?.sow ?? 'unknown');
console.log(Object.entries(table).map(([k, v]) => k + '=' + v).join('&'));
delete table.kale;
console.log(table, Object.values(table), 'kale' in table, table.hasOwnProperty('peas'));
console.table && console.log(Array.from({ length: 5 }, (_, i) => i * i), Array(3).fill('x').join(''));
