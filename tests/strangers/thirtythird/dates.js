const pad = n => String(n).padStart(2, '0');
const isLeap = y => (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0;
const daysIn = (y, m) => [31, isLeap(y) ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][m - 1];
const weekday = (y, m, d) => {
  const t = [0, 3, 2, 5, 0, 3, 5, 1, 4, 6, 2, 4];
  if (m < 3) y--;
  return (y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400) + t[m - 1] + d) % 7;
};
const NAMES = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
function calendar(year, month) {
  let out = `${'Calendar'.padStart(10)} ${year}-${pad(month)}\n${NAMES.map(n => n[0] + n[1]).join(' ')}\n`;
  let column = weekday(year, month, 1);
  out += '   '.repeat(column);
  for (let day = 1; day <= daysIn(year, month); day++) {
    out += String(day).padStart(2) + (column === 6 ? '\n' : ' ');
    column = (column + 1) % 7;
  }
  return out.trimEnd();
}
console.log(calendar(2024, 2));
const d = new Date(2024, 1, 28);
d.setDate(d.getDate() + 2);
console.log(d.getFullYear(), d.getMonth() + 1, d.getDate(), d.getDay());
const diff = (new Date('2024-03-10') - new Date('2024-03-01')) / (1000 * 60 * 60 * 24);
console.log(diff, 'days');
console.log(new Date(Date.UTC(2024, 4, 17, 9, 5)).toISOString());
console.log((1234567.891).toLocaleString('en-US'), Intl ? 'intl' : '');
