// Bank simulation with classes and a small event log
class Account {
  static #nextNumber = 1000;
  #balance = 0;
  #history = [];

  static create(owner, deposit = 0) {
    const account = new Account(owner);
    if (deposit > 0) account.deposit(deposit);
    return account;
  }

  constructor(owner) {
    this.owner = owner;
    this.number = Account.#nextNumber++;
  }

  deposit(amount) {
    if (typeof amount !== 'number' || amount <= 0) {
      throw new TypeError(`Invalid amount: ${amount}`);
    }
    this.#balance += amount;
    this.#record('deposit', amount);
    return this;
  }

  withdraw(amount) {
    if (amount > this.#balance) {
      const error = new Error('Insufficient funds');
      error.code = 'FUNDS';
      throw error;
    }
    this.#balance -= amount;
    this.#record('withdraw', amount);
    return this;
  }

  #record(kind, amount) {
    this.#history.push({ kind, amount, balance: this.#balance });
  }

  get balance() { return this.#balance; }
  get history() { return [...this.#history]; }
  toString() { return `#${this.number} ${this.owner}: ${this.#balance.toFixed(2)}`; }
}

class Savings extends Account {
  constructor(owner, rate) {
    super(owner);
    this.rate = rate;
  }
  addInterest() {
    return this.deposit(this.balance * this.rate);
  }
}

const a = Account.create('Ash', 50);
const s = new Savings('Fern', 0.1);
a.deposit(25).withdraw(30);
s.deposit(200).addInterest();
console.log(`${a}`);
console.log(String(s), s instanceof Account);
for (const amount of [1000, -5, 'x']) {
  try {
    amount === 1000 ? a.withdraw(amount) : a.deposit(amount);
  } catch (e) {
    console.log(e.name, e.message, e.code ?? 'no code');
  }
}
console.table ? console.log(a.history.length) : null;
a.history.forEach(({ kind, amount, balance }, i) => {
  console.log(`${i}: ${kind.padEnd(9)}${String(amount).padStart(5)} -> ${balance}`);
});
console.log(Object.keys(a), JSON.stringify(s));
