const dates = ['2024-01-15', '2024-02-29', '2023-12-31'];
function dayOfYear(iso) {
  const [y, m, d] = iso.split('-').map(Number);
  const leap = (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0;
  const days = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return days.slice(0, m - 1).reduce((a, b) => a + b, 0) + d;
}
for (const d of dates) console.log(d, dayOfYear(d));
const d = new Date(2024, 1, 28);
d.setDate(d.getDate() + 2);
console.log(d.getFullYear(), d.getMonth() + 1, d.getDate(), d.getDay());
const names = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
console.log(names[new Date(2024, 0, 15).getDay()]);
const diff = (new Date('2024-03-01') - new Date('2024-02-01')) / (1000 * 60 * 60 * 24);
console.log(diff, new Date('2024-03-01T10:00:00Z').toISOString());
