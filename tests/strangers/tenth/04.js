var stack = [];
function isBalanced(text) {
  var pairs = { ')': '(', ']': '[', '}': '{' };
  stack.length = 0;
  for (var i = 0; i < text.length; i++) {
    var c = text.charAt(i);
    if ('([{'.indexOf(c) !== -1) {
      stack.push(c);
    } else if (pairs[c]) {
      if (stack.pop() !== pairs[c]) {
        return false;
      }
    }
  }
  return stack.length === 0;
}

function evaluate(tokens) {
  var s = [];
  for (var t of tokens.split(' ')) {
    if (!isNaN(t)) {
      s.push(Number(t));
      continue;
    }
    var b = s.pop(), a = s.pop();
    switch (t) {
      case '+': s.push(a + b); break;
      case '-': s.push(a - b); break;
      case '*': s.push(a * b); break;
      case '/': s.push(a / b); break;
      default:
        throw new SyntaxError('bad token ' + t);
    }
  }
  return s[0];
}

var tests = ['(a[b]{c})', '(]', '((', ''];
tests.forEach(function (t, i) {
  console.log((i + 1) + ': "' + t + '" ' + (isBalanced(t) ? 'yes' : 'no'));
});
console.log(evaluate('3 4 + 2 *'), evaluate('5 1 2 + 4 * + 3 -'), evaluate('7 2 /'));
try {
  evaluate('1 2 ^');
} catch (err) {
  if (err instanceof SyntaxError) console.log(err.name, '-', err.message);
}
var s = 'level';
console.log(s === s.split('').reverse().join(''));
console.log(parseInt('101', 2), (255).toString(16).toUpperCase(), parseFloat('3.7kg'), Number('abc'), +'42' + 1);
console.log(typeof stack, typeof null, typeof undefined, typeof isBalanced, Array.isArray(stack));
