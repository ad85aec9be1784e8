function Stack() {
  this.items = [];
}
Stack.prototype.push = function (x) { this.items.push(x); return this; };
Stack.prototype.pop = function () { return this.items.pop(); };
Stack.prototype.peek = function () { return this.items[this.items.length - 1]; };
Stack.prototype.isEmpty = function () { return this.items.length === 0; };
function isBalanced(text) {
  var pairs = { ')': '(', ']': '[', '}': '{' };
  var stack = new Stack();
  for (var i = 0; i < text.length; i++) {
    var ch = text.charAt(i);
    if ('([{'.indexOf(ch) !== -1) stack.push(ch);
    else if (pairs.hasOwnProperty(ch)) {
      if (stack.isEmpty() || stack.pop() !== pairs[ch]) return false;
    }
  }
  return stack.isEmpty();
}
var tests = ['(a[b]{c})', '(]', '((', ''];
tests.forEach(function (t, i) { console.log(i + ': "' + t + '" -> ' + isBalanced(t)); });
function evalRPN(expr) {
  var s = new Stack();
  expr.split(' ').forEach(function (tok) {
    if (!isNaN(tok)) s.push(parseFloat(tok));
    else {
      var b = s.pop(), a = s.pop();
      switch (tok) {
        case '+': s.push(a + b); break;
        case '-': s.push(a - b); break;
        case '*': s.push(a * b); break;
        case '/': s.push(a / b); break;
        default: throw new Error('bad operator ' + tok);
      }
    }
  });
  return s.pop();
}
console.log(evalRPN('3 4 + 2 *'), evalRPN('5 1 2 + 4 * + 3 -'));
try { evalRPN('1 2 ^'); } catch (e) { console.log(e.toString()); }
var counter = (function () { var c = 0; return { inc: function () { return ++c; }, get value() { return c; } }; })();
counter.inc(); counter.inc();
console.log(counter.value, typeof counter.inc, counter);
var self = { name: 'x', hi: function () { var that = this; return [1, 2].map(function (n) { return that.name + n; }); } };
console.log(self.hi());
