const fs = require('fs');
fs.writeFileSync('beds.txt', 'pea 3\nleek 5\n');
fs.appendFileSync('beds.txt', 'kale 1\n');
const text = fs.readFileSync('beds.txt', 'utf8');
const rows = text.trim().split('\n').map(l => l.split(' '));
for (const [name, n] of rows) console.log(name, Number(n) * 2);
if (fs.existsSync('beds.txt')) console.log('there'); else console.log('not');
try { fs.readFileSync('nope.txt', 'utf-8'); } catch (err) { console.log('Error:', err.message); }
fs.writeFileSync('data.json', JSON.stringify({ a: [1, 2] }, null, 2));
const data = JSON.parse(fs.readFileSync('data.json', { encoding: 'utf8' })); console.log(data.a[1]);
fs.unlinkSync('beds.txt'); console.log(fs.existsSync('beds.txt'));
console.log(fs.readFileSync('data.json').toString().length);
