const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });
const book = {};
const commands = {
  add([name, number]) {
    if (!/^\d{3}-\d{4}$/.test(number ?? '')) return 'bad number';
    book[name] = number;
    return `added ${name}`;
  },
  del: ([name]) => (delete book[name] ? 'gone ' + name : ''),
  list: () => Object.keys(book).sort().map((n, i) => `${i + 1}. ${n}: ${book[n]}`).join('\n') || '(empty)',
  find([part]) {
    const hits = Object.entries(book).filter(([n]) => n.toLowerCase().startsWith(part.toLowerCase()));
    return hits.length ? hits.map(h => h.join(' -> ')).join('; ') : 'nobody';
  },
};
let lineNo = 0;
rl.on('line', (line) => {
  lineNo++;
  const [cmd, ...args] = line.trim().split(/\s+/);
  if (cmd === '') return;
  if (cmd === 'quit') { rl.close(); return; }
  const f = commands[cmd];
  console.log(f ? f(args) : `?${cmd} (line ${lineNo})`);
});
rl.on('close', () => { console.log('bye after', lineNo, 'lines,', Object.keys(book).length, 'entries'); });
