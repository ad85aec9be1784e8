class InsufficientFundsError extends Error {
  constructor(balance, amount) {
    super(`Cannot withdraw ${amount}: only ${balance} left`);
    this.name = 'InsufficientFundsError';
    this.balance = balance;
    this.amount = amount;
  }
  get missing() { return this.amount - this.balance; }
}

class Account {
  static nextId = 1;
  #balance = 0;
  #log = [];

  constructor(owner, opening = 0) {
    this.id = Account.nextId++;
    this.owner = owner;
    if (opening > 0) this.deposit(opening);
  }

  deposit(amount) {
    if (typeof amount !== 'number' || Number.isNaN(amount) || amount <= 0) {
      throw new RangeError('Invalid amount: ' + amount);
    }
    this.#balance += amount;
    this.#record('in', amount);
    return this;
  }

  withdraw(amount) {
    if (amount > this.#balance) throw new InsufficientFundsError(this.#balance, amount);
    this.#balance -= amount;
    this.#record('out', amount);
    return this;
  }

  #record(kind, amount) {
    this.#log.push({ kind, amount, after: this.#balance });
  }

  get balance() { return this.#balance; }
  get log() { return this.#log.slice(); }
  *[Symbol.iterator]() { for (const entry of this.#log) yield entry; }
  static transfer(from, to, amount) {
    from.withdraw(amount);
    try {
      to.deposit(amount);
    } catch (err) {
      from.deposit(amount);
      throw err;
    } finally {
      console.log(`transfer ${amount}: ${from.owner} -> ${to.owner}`);
    }
  }
}

class Savings extends Account {
  constructor(owner, opening, rate) {
    super(owner, opening);
    this.rate = rate;
  }
  addInterest() {
    const interest = Math.round(this.balance * this.rate * 100) / 100;
    return this.deposit(interest), interest;
  }
  withdraw(amount) {
    if (amount > 500) throw new Error('limit is 500');
    return super.withdraw(amount);
  }
}

const a = new Account('Hazel', 100);
const b = new Savings('Linden', 2000, 0.025);
a.deposit(50).withdraw(30);
console.log(a.balance, b.addInterest(), b.balance);
const tests = [
  () => a.withdraw(1000),
  () => b.withdraw(600),
  () => a.deposit('10'),
  () => a.deposit(NaN),
  () => Account.transfer(b, a, 100),
  () => Account.transfer(a, b, 1e6),
];
for (const [i, test] of tests.entries()) {
  try {
    test();
    console.log(i, 'ok');
  } catch (e) {
    console.log(i, e.name, '-', e.message, e instanceof InsufficientFundsError ? e.missing : '');
  }
}
for (const { kind, amount, after } of a) console.log(kind.padEnd(4), String(amount).padStart(6), after);
console.log(a, a.log.length, Object.keys(b));
console.log([a, b].map(({ id, owner }) => `${id}:${owner}`));
