const readline = require('readline');
const rl = readline.createInterface({
  input: process.stdin,
  output: process.stdout,
  prompt: '> '
});

const memory = {};
const operations = {
  '+': (a, b) => a + b,
  '-': (a, b) => a - b,
  '*': (a, b) => a * b,
  '/': (a, b) => {
    if (b === 0) throw new Error('division by zero');
    return a / b;
  },
  '^': (a, b) => Math.pow(a, b),
};

function valueOf_(word) {
  if (word in memory) return memory[word];
  const n = Number(word);
  if (Number.isNaN(n)) throw new TypeError(`unknown name "${word}"`);
  return n;
}

function evaluate(words) {
  if (words.length === 1) return valueOf_(words[0]);
  if (words.length !== 3) throw new SyntaxError('write: a + b');
  const [a, op, b] = words;
  const f = operations[op];
  if (!f) throw new SyntaxError(`no operation ${op}`);
  return f(valueOf_(a), valueOf_(b));
}

let count = 0;
rl.on('line', input => {
  const line = input.trim();
  if (!line) return;
  count++;
  try {
    const match = line.match(/^([a-z]+)\s*=\s*(.+)$/i);
    if (match) {
      const [, name, rest] = match;
      memory[name] = evaluate(rest.split(/\s+/));
      console.log(`${name} = ${memory[name]}`);
    } else if (line === 'names') {
      console.log(Object.keys(memory).sort().join(', ') || '(none)');
    } else {
      console.log(evaluate(line.split(/\s+/)));
    }
  } catch (e) {
    console.log(`${e.name}: ${e.message}`);
  }
});
rl.on('close', () => console.log(`${count} lines, memory`, memory));
