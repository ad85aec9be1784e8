function Account(owner, balance) {
  this.owner = owner;
  this.balance = balance;
}
Account.prototype.deposit = function (amount) {
  this.balance += amount;
  return this;
};
Account.prototype.toString = function () {
  return this.owner + ": " + this.balance;
};
var acc = new Account("Moss", 10);
acc.deposit(5).deposit(7);
console.log(String(acc), acc.balance);

var counter = (function () {
  var n = 0;
  return {
    up: function () { n++; return n; },
    get value() { return n; }
  };
})();
counter.up(); counter.up();
console.log(counter.value);
for (var i = 0; i < 3; i++) {
  (function (k) { console.log("k", k); })(i);
}
console.log(typeof undefinedThing, i);
