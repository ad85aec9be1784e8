const fs = require('fs');
const lines = fs.readFileSync(0, 'utf-8').trim().split('\n');

const stock = {};
const errors = [];

lines.forEach((line, index) => {
  const match = line.match(/^(\w+)\s+([a-z ]+?)(?:\s+x?(-?\d+))?$/i);
  if (!match) {
    errors.push(`line ${index + 1}: cannot read "${line}"`);
    return;
  }
  const [, verb, item, n = '1'] = match;
  const count = Number(n);
  switch (verb.toLowerCase()) {
    case 'in':
      stock[item] = (stock[item] || 0) + count;
      break;
    case 'out': {
      const have = stock[item] ?? 0;
      if (have < count) {
        errors.push(`line ${index + 1}: only ${have} of ${item}`);
      } else {
        stock[item] = have - count;
        if (stock[item] === 0) delete stock[item];
      }
      break;
    }
    default:
      errors.push(`line ${index + 1}: what is ${verb}?`);
  }
});

const width = Math.max(...Object.keys(stock).map(k => k.length));
Object.keys(stock)
  .sort()
  .forEach(item => {
    console.log(`${item.padEnd(width)} ${'*'.repeat(stock[item])} ${stock[item]}`);
  });
for (const e of errors) console.log('! ' + e);
console.log(JSON.stringify(stock, null, 2));
console.log(Object.values(stock).reduce((a, b) => a + b, 0), Object.entries(stock).length);
process.exitCode = errors.length ? 1 : 0;
