// Bank with closures and validation
const bank = (() => {
  const accounts = {};
  let id = 0;

  const validate = (amount) => {
    if (!Number.isFinite(amount) || amount <= 0) throw new RangeError(`Invalid amount: ${amount}`);
  };

  return {
    open(owner, balance = 0) {
      const key = `A${String(++id).padStart(3, "0")}`;
      accounts[key] = { owner, balance, log: [] };
      return key;
    },
    deposit(key, amount) {
      validate(amount);
      const account = accounts[key];
      if (!account) throw new ReferenceError(`No account ${key}`);
      account.balance += amount;
      account.log.push({ type: "in", amount });
      return account.balance;
    },
    transfer(from, to, amount) {
      validate(amount);
      if (accounts[from].balance < amount) return false;
      accounts[from].balance -= amount;
      accounts[to].balance += amount;
      accounts[from].log.push({ type: "out", amount, to });
      return true;
    },
    report: () => Object.entries(accounts).map(([key, { owner, balance }]) => `${key} ${owner.padEnd(6)} ${balance.toFixed(2).padStart(9)}`),
    get total() {
      let sum = 0;
      for (const key of Object.keys(accounts)) sum += accounts[key].balance;
      return sum;
    },
  };
})();

const a = bank.open("Ash", 100);
const b = bank.open("Elm");
bank.deposit(b, 20.5);
console.log(bank.transfer(a, b, 70), bank.transfer(a, b, 70));
for (const bad of [-5, NaN, "10", Infinity]) {
  try {
    bank.deposit(a, bad);
  } catch (error) {
    console.log(`${error.name}: ${error.message}`);
  }
}
try {
  bank.deposit("A999", 1);
} catch ({ name, message }) {
  console.log(name, "/", message);
}
bank.report().forEach(line => console.log(line));
console.log(bank.total);
