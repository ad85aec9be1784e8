function makeBank() {
  const accounts = {};
  return {
    open(name, amount = 0) {
      if (name in accounts) throw new Error(`${name} has an account`);
      accounts[name] = { balance: amount, history: [] };
    },
    pay(name, amount) {
      const account = accounts[name];
      if (!account) throw new ReferenceError('no account ' + name);
      if (amount < 0 && account.balance + amount < 0) {
        const error = new RangeError('not enough');
        error.missing = -(account.balance + amount);
        throw error;
      }
      account.balance += amount;
      account.history.push(amount);
      return account.balance;
    },
    report() {
      for (const [name, { balance, history }] of Object.entries(accounts)) {
        console.log(`${name}: ${balance} (${history.join(', ') || 'nothing yet'})`);
      }
    },
  };
}

const bank = makeBank();
bank.open('Fern', 10);
bank.open('Moss');
const deeds = [['Fern', 5], ['Fern', -20], ['Oak', 1], ['Moss', 2.5]];
for (const [who, sum] of deeds) {
  try {
    console.log(who, bank.pay(who, sum));
  } catch (e) {
    console.log(`${e.name}: ${e.message}`);
  } finally {
    console.log('--');
  }
}
bank.report();
try {
  bank.open('Moss');
} catch ({ message }) {
  console.log(message);
}
const counter = (() => { let n = 0; return { up: () => ++n, down: () => --n, get value() { return n; } }; })();
counter.up(); counter.up(); counter.down();
console.log(counter.value);
const compose = (...fs) => (x) => fs.reduceRight((v, f) => f(v), x);
console.log(compose((x) => x + 1, (x) => x * 2)(5), [1, 2, 3].map(String), ['1', '2', '3'].map(Number), [0, 1, '', 'a', null].filter(Boolean));
