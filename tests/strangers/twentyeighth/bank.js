function Account(owner, balance) {
  this.owner = owner;
  this.balance = balance || 0;
}
Account.prototype.deposit = function (amount) {
  if (typeof amount !== 'number' || amount <= 0) {
    throw new TypeError('Invalid amount: ' + amount);
  }
  this.balance += amount;
  return this;
};
Account.prototype.toString = function () {
  return this.owner + ': ' + this.balance.toLocaleString('en-US') + ' leaves';
};

function Savings(owner, balance, rate) {
  Account.call(this, owner, balance);
  this.rate = rate;
}
Savings.prototype = Object.create(Account.prototype);
Savings.prototype.constructor = Savings;
Savings.prototype.addInterest = function () {
  this.deposit(this.balance * this.rate);
};

var a = new Account('Moss', 1200);
var s = new Savings('Reed', 2000, 0.05);
a.deposit(350).deposit(50);
s.addInterest();
console.log(a.toString());
console.log('' + s);
try { a.deposit('10'); } catch (e) { console.log(e.name, e.message); }
console.log(s instanceof Account, s instanceof Savings, a instanceof Savings);
console.log(Object.keys(a), s.hasOwnProperty('deposit'), 'deposit' in s);
var counter = (function () {
  var n = 0;
  return { up: function () { return ++n; }, get value() { return n; } };
})();
counter.up(); counter.up();
console.log(counter.value);
