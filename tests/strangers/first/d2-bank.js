class InsufficientFunds extends Error {
  constructor(balance, wanted) {
    super(`only ${balance} left, ${wanted} wanted`);
    this.name = "InsufficientFunds";
    this.missing = wanted - balance;
  }
}

class Account {
  constructor(owner) {
    this.owner = owner;
    this._balance = 0;
    this.history = [];
  }
  set balance(value) {
    if (value < 0) throw new InsufficientFunds(this._balance, this._balance - value);
    this.history.push([this._balance, value]);
    this._balance = value;
  }
  get balance() {
    return this._balance;
  }
  static of(owner, amount) {
    const account = new Account(owner);
    account.balance = amount;
    return account;
  }
}

const a = Account.of("north", 50);
a.balance -= 20;
console.log(a.balance, a.history);
try {
  a.balance -= 100;
} catch (e) {
  if (e instanceof InsufficientFunds) {
    console.log(`${e.name}: ${e.message} (${e.missing} missing)`);
  } else throw e;
} finally {
  console.log("still", a.balance);
}
