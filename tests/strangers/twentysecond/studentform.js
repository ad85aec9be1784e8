// Grade book. Input as one text.
const fs = require('fs');
const input = fs.readFileSync(0, 'utf8').trim();
const [header, ...rows] = input.split('\n');
const subjects = header.split(',').slice(1);
const students = rows.map(row => {
  const [name, ...marks] = row.split(',').map(s => s.trim());
  return { name, marks: marks.map(m => m === '' ? NaN : parseInt(m)) };
});
function average(list) {
  const ok = list.filter(n => !isNaN(n));
  return ok.length ? ok.reduce((a, b) => a + b) / ok.length : 0;
}
const letter = avg => { switch (true) { case avg >= 90: return 'A'; case avg >= 75: return 'B'; case avg >= 60: return 'C'; default: return 'F'; } };
students.forEach(s => { s.avg = average(s.marks); s.letter = letter(s.avg); });
students.sort((a, b) => b.avg - a.avg);
console.log('Name'.padEnd(8) + subjects.map(s => s.padStart(7)).join('') + '    Avg');
for (const { name, marks, avg, letter } of students)
  console.log(name.padEnd(8) + marks.map(m => String(isNaN(m) ? '-' : m).padStart(7)).join('') + avg.toFixed(1).padStart(7) + ' ' + letter);
subjects.forEach((subject, i) => {
  const col = students.map(s => s.marks[i]).filter(Number.isFinite);
  const mean = average(col);
  const sd = Math.sqrt(average(col.map(x => (x - mean) ** 2)));
  const best = students.reduce((b, s) => (s.marks[i] > (b?.marks[i] ?? -1) ? s : b), null);
  console.log(`${subject}: mean ${mean.toFixed(2)}, sd ${sd.toFixed(2)}, best ${best.name}, range ${Math.min(...col)}-${Math.max(...col)}`);
});
const histogram = students.reduce((h, s) => { h[s.letter] = h[s.letter] ? h[s.letter] + 1 : 1; return h; }, {});
for (const k of 'ABCF') console.log(k, '■'.repeat(histogram[k] || 0) || '(none)');
console.log(`Done: ${students.length} student${students.length === 1 ? '' : 's'}.`);
process.exitCode = students.some(s => s.letter === 'F') ? 2 : 0;
