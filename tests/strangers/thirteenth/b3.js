'use strict';
const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin });
const lines = [];
rl.on('line', (l) => lines.push(l.trim()));
rl.on('close', () => {
  const n = parseInt(lines[0], 10);
  const students = [];
  for (let i = 1; i <= n; i++) {
    const [name, ...marks] = lines[i].split(/\s+/);
    students.push({ name, marks: marks.map(Number) });
  }
  const avg = (a) => a.reduce((s, v) => s + v, 0) / a.length;
  students.sort((a, b) => avg(b.marks) - avg(a.marks));
  students.forEach(({ name, marks }, idx) => {
    console.log(`${idx + 1}. ${name.padEnd(8, '.')} ${avg(marks).toFixed(1).padStart(6)}`);
  });
  const best = students[0];
  console.log(`Best: ${best.name} with ${Math.max(...best.marks)}`);
  const failed = students.filter((s) => s.marks.some((m) => m < 50)).map((s) => s.name);
  console.log('Failed:', failed.length ? failed.join(', ') : 'none');
});
