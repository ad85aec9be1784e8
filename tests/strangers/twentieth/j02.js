class Account {
  static count = 0;
  #balance = 0;

  constructor(owner, balance = 0) {
    this.owner = owner;
    this.#balance = balance;
    this.history = [];
    Account.count++;
  }

  get balance() {
    return this.#balance;
  }

  deposit(amount) {
    if (amount <= 0) {
      throw new RangeError("amount must be positive");
    }
    this.#balance += amount;
    this.history.push({ kind: "deposit", amount });
    return this;
  }

  withdraw(amount) {
    if (amount > this.#balance) {
      throw new Error(`${this.owner} has only ${this.#balance}`);
    }
    this.#balance -= amount;
    this.history.push({ kind: "withdraw", amount });
    return this;
  }

  toString() {
    return `${this.owner}: ${this.#balance.toFixed(2)}`;
  }

  static fromText(text) {
    const [owner, balance] = text.split(":");
    return new this(owner.trim(), parseInt(balance, 10));
  }
}

class Savings extends Account {
  constructor(owner, balance, rate = 0.05) {
    super(owner, balance);
    this.rate = rate;
  }

  addInterest() {
    this.deposit(this.balance * this.rate);
  }

  toString() {
    return "Savings of " + super.toString();
  }
}

const a = new Account("Ivy");
a.deposit(50).deposit(25).withdraw(10);
console.log(String(a), a.balance);
const b = Savings.fromText("Moss: 200");
b.addInterest();
console.log(`${b}`);
console.log(Account.count, b instanceof Account, a instanceof Savings, b.constructor.name);
for (const action of [() => a.withdraw(1000), () => b.deposit(-5)]) {
  try {
    action();
  } catch (e) {
    if (e instanceof RangeError) {
      console.log("range:", e.message);
    } else {
      console.log(e.name + ": " + e.message);
    }
  } finally {
    console.log("next");
  }
}
a.history.forEach(({ kind, amount }, i) => console.log(i, kind, amount));
console.log(a.history);
