const readline = require('readline');
const rl = readline.createInterface({ input: process.stdin, output: process.stdout, terminal: false });

const accounts = new Map();
let lineNumber = 0;

const commands = {
  open(name, amount = '0') {
    if (accounts.has(name)) throw new Error(`${name} exists`);
    accounts.set(name, { balance: Number(amount), history: [] });
    return `opened ${name}`;
  },
  deposit(name, amount) {
    const acc = find(name);
    acc.balance += positive(amount);
    acc.history.push(['+', +amount]);
    return `${name}: ${acc.balance}`;
  },
  withdraw: (name, amount) => {
    const acc = find(name);
    const n = positive(amount);
    if (n > acc.balance) throw new RangeError(`only ${acc.balance} left`);
    acc.balance -= n;
    acc.history.push(['-', n]);
    return `${name}: ${acc.balance}`;
  },
  async transfer(from, to, amount) {
    commands.withdraw(from, amount);
    commands.deposit(to, amount);
    return 'moved';
  },
  list() {
    return [...accounts.entries()].map(([n, { balance }]) => `${n}=${balance}`).join(' ') || '(none)';
  },
};

function find(name) {
  const acc = accounts.get(name);
  if (!acc) throw new Error(`no account ${name}`);
  return acc;
}

function positive(text) {
  const n = Number(text);
  if (Number.isNaN(n) || n <= 0) throw new TypeError(`bad amount: ${text}`);
  return n;
}

rl.on('line', (line) => {
  lineNumber++;
  const [command, ...args] = line.trim().split(/\s+/);
  if (!command) return;
  if (command === 'quit') {
    rl.close();
    return;
  }
  if (!Object.hasOwn(commands, command) || command === 'transfer') {
    console.log(`${lineNumber}: what is "${command}"?`);
    return;
  }
  try {
    console.log(`${lineNumber}: ${commands[command](...args)}`);
  } catch (e) {
    console.log(`${lineNumber}: ${e.constructor.name} - ${e.message}`);
  }
});

rl.on('close', () => {
  let sum = 0;
  accounts.forEach((acc, name) => {
    sum += acc.balance;
    console.log(name, acc);
  });
  console.log('total', sum);
});
