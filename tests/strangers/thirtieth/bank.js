function Account(owner, balance) {
    this.owner = owner;
    this.balance = balance || 0;
    this.history = [];
}

Account.prototype.deposit = function (amount) {
    if (isNaN(amount) || amount <= 0) {
        throw new RangeError('amount must be positive');
    }
    this.balance += amount;
    this.history.push({ type: 'deposit', amount: amount });
};

Account.prototype.withdraw = function (amount) {
    if (amount > this.balance) {
        throw new Error('not enough money: ' + this.balance + ' < ' + amount);
    }
    this.balance -= amount;
    this.history.push({ type: 'withdraw', amount: amount });
};

Account.prototype.toString = function () {
    return this.owner + ': ' + this.balance.toFixed(2);
};

function transfer(from, to, amount) {
    from.withdraw(amount);
    to.deposit(amount);
}

var a = new Account('Mina', 100);
var b = new Account('Odo');
var accounts = [a, b];

transfer(a, b, 30.5);
a.deposit(10);
try {
    transfer(b, a, 50);
} catch (err) {
    console.log(err.name + ': ' + err.message);
} finally {
    console.log('done');
}
try {
    a.deposit(-1);
} catch (err) {
    if (err instanceof RangeError) {
        console.log('range:', err.message);
    } else {
        throw err;
    }
}
for (var i = 0; i < accounts.length; i++) {
    console.log('' + accounts[i]);
    accounts[i].history.forEach(function (h, n) {
        console.log('  ' + (n + 1) + '. ' + h.type + ' ' + h.amount);
    });
}
var total = accounts.map(function (acc) { return acc.balance; }).reduce(function (s, v) { return s + v; }, 0);
console.log('total', total);
console.log(a instanceof Account, typeof a, typeof a.deposit);
console.log(a.history);
console.log(JSON.stringify(b));
console.log(JSON.stringify(a.history, null, 2));
