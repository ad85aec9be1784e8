class InsufficientFundsError extends Error {
  constructor(needed) {
    super(`Need ${needed} more`);
    this.name = 'InsufficientFundsError';
    this.needed = needed;
  }
}
class Account {
  constructor(owner, balance = 0) {
    this.owner = owner;
    this.balance = balance;
    this.log = [];
  }
  deposit(amount) {
    if (typeof amount !== 'number' || !(amount > 0)) throw new TypeError('bad amount');
    this.balance += amount;
    this.log.push(['deposit', amount]);
  }
  withdraw(amount) {
    if (amount > this.balance) throw new InsufficientFundsError(amount - this.balance);
    this.balance -= amount;
    this.log.push(['withdraw', amount]);
    return this.balance;
  }
}
const acc = new Account('Fern', 10);
const attempts = [() => acc.deposit(5), () => acc.withdraw(100), () => acc.deposit('x'), () => acc.nope(), () => undefined.x];
for (const attempt of attempts) {
  try {
    attempt();
    console.log('ok', acc.balance);
  } catch (err) {
    if (err instanceof InsufficientFundsError) console.log(err.message, err.needed);
    else console.log(`${err.name}: ${err.message}`);
  }
}
console.log(acc.log, acc);
