var balance = 100;
var history = [];
function log(type, amount) { history.push({ type, amount, balance }); }
function deposit(amount) {
  if (typeof amount !== 'number' || isNaN(amount) || amount <= 0) {
    throw new Error('Invalid amount: ' + amount);
  }
  balance += amount;
  log('deposit', amount);
}
function withdraw(amount) {
  if (amount > balance) {
    throw { code: 402, message: 'Insufficient funds' };
  }
  balance -= amount;
  log('withdraw', amount);
}
var operations = [[deposit, 50], [withdraw, 30], [withdraw, 500], [deposit, -5], [deposit, 'ten'], [withdraw, 120]];
for (var i = 0; i < operations.length; i++) {
  var op = operations[i][0], amount = operations[i][1];
  try {
    op(amount);
    console.log(op.name, amount, '->', balance);
  } catch (e) {
    console.log('failed:', e.message, e.code === undefined ? '' : '(code ' + e.code + ')');
  }
}
console.log(history.length);
for (const { type, amount: a, balance: b } of history) console.log(type.padEnd(9) + String(a).padStart(5) + String(b).padStart(6));
var total = 0, k;
for (k in history) total += history[k].amount;
console.log(total, history[history.length - 1]);
switch (true) {
  case balance > 100: console.log('rich'); break;
  case balance === 0:
    console.log('empty');
  default:
    console.log('poor');
}
var now = { hours: 9, minutes: 5 };
console.log((now.hours < 10 ? '0' : '') + now.hours + ':' + ('0' + now.minutes).slice(-2));
var counter = (function () { var n = 0; return { inc: function () { return ++n; }, reset: function () { n = 0; } }; })();
counter.inc(); counter.inc();
console.log(counter.inc());
if (!balance) { console.log('zero balance'); } else if (balance > 0 && balance < 10) console.log('low'); else console.log('fine');
do { balance -= 7; } while (balance > 0);
console.log(balance);
console.log([1, 2, 3].map(String), ['1', '2', '3'].map(Number), ['1', '2', '3'].map(parseFloat), [0, 1, '', 'a', null].filter(Boolean));
