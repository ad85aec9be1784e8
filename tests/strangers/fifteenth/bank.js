'use strict';

/**
 * Seed bank with accounts in packets of seeds.
 */
class InsufficientSeedsError extends Error {
  constructor(wanted, available) {
    super(`Wanted ${wanted}, only ${available} there`);
    this.name = 'InsufficientSeedsError';
    this.missing = wanted - available;
  }
}

class Account {
  #balance = 0;
  static created = 0;

  constructor(owner, initial = 0) {
    this.owner = owner;
    this.#balance = initial;
    this.history = [];
    Account.created++;
  }

  get balance() {
    return this.#balance;
  }

  deposit(amount) {
    if (amount <= 0) throw new RangeError('Amount must be positive');
    this.#balance += amount;
    this.history.push({ type: 'deposit', amount });
    return this;
  }

  withdraw(amount) {
    if (amount > this.#balance) throw new InsufficientSeedsError(amount, this.#balance);
    this.#balance -= amount;
    this.history.push({ type: 'withdraw', amount });
    return this;
  }

  toString() {
    return `${this.owner} has ${this.balance} packets`;
  }
}

const accounts = new Map();
for (const [owner, initial] of [['Juno', 20], ['Moss', 5], ['Bram', undefined]]) {
  accounts.set(owner, new Account(owner, initial));
}
accounts.get('Juno').deposit(10).withdraw(3);

function transfer(from, to, amount) {
  const source = accounts.get(from);
  const target = accounts.get(to);
  if (!source || !target) {
    throw new Error('Unknown account: ' + (source ? to : from));
  }
  source.withdraw(amount);
  target.deposit(amount);
}

const attempts = [['Juno', 'Moss', 7], ['Moss', 'Bram', 100], ['Moss', 'Nobody', 1], ['Bram', 'Moss', 0]];
for (const [index, attempt] of attempts.entries()) {
  try {
    transfer(...attempt);
    console.log(index + 1, 'ok');
  } catch (error) {
    if (error instanceof InsufficientSeedsError) {
      console.log(index + 1, error.name, '-', error.message, '(' + error.missing + ' missing)');
    } else if (error instanceof RangeError) {
      console.log(index + 1, 'Range:', error.message);
    } else {
      console.log(index + 1, `${error}`);
    }
  } finally {
    if (index === attempts.length - 1) console.log('all tried');
  }
}
accounts.forEach((account) => console.log(String(account)));
console.log(accounts.get('Juno').history);
console.log(Account.created, [...accounts.keys()].join(' & '));
console.log([...accounts.values()].reduce((sum, { balance }) => sum + balance, 0));
