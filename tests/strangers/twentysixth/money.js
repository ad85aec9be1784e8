const lines = require('fs').readFileSync(0, 'utf8').trim().split('\n');
const n = Number(lines[0]);
let sum = 0, most = -Infinity, who = '';
const people = new Map();
for (let i = 1; i <= n; i++) {
    const [name, amount, date] = lines[i].split(';').map(s => s.trim());
    const value = Number(amount.replace(',', '.'));
    if (Number.isNaN(value)) {
        console.error('bad', name);
        console.log(`Line ${i}: "${amount}" is not a number`);
        continue;
    }
    sum += value;
    if (value > most) [most, who] = [value, name];
    people.set(name, (people.get(name) || 0) + value);
    const [y, m, d] = date.split('-').map(Number);
    if (m < 1 || m > 12) console.log(`Line ${i}: month ${m}?`);
}
console.log('Sum', sum.toFixed(2), 'Most', who, most);
[...people].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1)).forEach(([k, v], i) => console.log(`${String(i + 1).padStart(2, '0')} ${k.padEnd(8)} ${v.toFixed(2).padStart(8)}`));
const fmt = v => v.toString().replace(/\B(?=(\d{3})+(?!\d))/g, ',');
console.log(fmt(1234567), (1234.5678).toFixed(1), (0.1 + 0.2).toPrecision(3), (255).toString(16), (7).toString(2).padStart(8, 0));
console.log(Math.round(-2.5), Math.round(2.5), 7 % -3, -7 % 3, 2 ** 31 | 0, 1 / 3);
console.log(Number.MAX_SAFE_INTEGER, 1e21, 1e-7, 123456789012345680000, 0.000001);
