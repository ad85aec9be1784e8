function Stack() { this.items = []; }
Stack.prototype.push = function (x) { this.items.push(x); };
Stack.prototype.pop = function () { if (this.items.length === 0) return undefined; return this.items.pop(); };
Stack.prototype.peek = function () { return this.items[this.items.length - 1]; };
Stack.prototype.isEmpty = function () { return this.items.length === 0; };

var prec = { '+': 1, '-': 1, '*': 2, '/': 2, '^': 3 };
function tokenize(s) {
  var out = [], num = '';
  for (var i = 0; i < s.length; i++) {
    var c = s.charAt(i);
    if (c >= '0' && c <= '9' || c === '.') { num += c; continue; }
    if (num !== '') { out.push(parseFloat(num)); num = ''; }
    if (c !== ' ') out.push(c);
  }
  if (num !== '') out.push(parseFloat(num));
  return out;
}
function toRpn(tokens) {
  var out = [], ops = new Stack();
  tokens.forEach(function (t) {
    if (typeof t === 'number') out.push(t);
    else if (t === '(') ops.push(t);
    else if (t === ')') {
      while (!ops.isEmpty() && ops.peek() !== '(') out.push(ops.pop());
      if (ops.isEmpty()) throw new SyntaxError('unbalanced )');
      ops.pop();
    } else if (prec.hasOwnProperty(t)) {
      while (!ops.isEmpty() && prec[ops.peek()] && (prec[ops.peek()] > prec[t] || prec[ops.peek()] === prec[t] && t !== '^')) out.push(ops.pop());
      ops.push(t);
    } else throw new SyntaxError('what is ' + t + '?');
  });
  while (!ops.isEmpty()) {
    var o = ops.pop();
    if (o === '(') throw new SyntaxError('unbalanced (');
    out.push(o);
  }
  return out;
}
function evaluate(rpn) {
  var s = new Stack();
  for (var i = 0; i < rpn.length; i++) {
    var t = rpn[i];
    if (typeof t === 'number') { s.push(t); continue; }
    var b = s.pop(), a = s.pop();
    switch (t) {
      case '+': s.push(a + b); break;
      case '-': s.push(a - b); break;
      case '*': s.push(a * b); break;
      case '/': s.push(a / b); break;
      case '^': s.push(Math.pow(a, b)); break;
    }
  }
  return s.pop();
}
['1 + 2 * 3', '(1+2)*3', '2^3^2', '10/4 - 1', '2*(3', '7)', '4 $ 4', '1/0'].forEach(function (e) {
  try { var r = toRpn(tokenize(e)); console.log(e + ' -> ' + r.join(' ') + ' = ' + evaluate(r)); }
  catch (x) { console.log(e + ' -> ' + x.name + ': ' + x.message); }
});
