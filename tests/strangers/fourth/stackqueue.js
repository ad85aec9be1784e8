function Stack() {
  this.items = [];
}
Stack.prototype.push = function (x) { this.items.push(x); };
Stack.prototype.pop = function () { return this.items.pop(); };
Stack.prototype.isEmpty = function () { return this.items.length === 0; };
const s = new Stack();
for (const c of 'abc') s.push(c);
let r = '';
while (!s.isEmpty()) r += s.pop();
console.log(r, s.pop());
function balanced(str) {
  const stack = [], pairs = { ')': '(', ']': '[', '}': '{' };
  for (const ch of str) {
    if ('([{'.includes(ch)) stack.push(ch);
    else if (pairs[ch] && stack.pop() !== pairs[ch]) return false;
  }
  return stack.length === 0;
}
console.log(balanced('{[()]}'), balanced('{[(])}'));
const evalRPN = tokens => {
  const st = [];
  tokens.split(' ').forEach(t => {
    if (!isNaN(t)) st.push(parseFloat(t));
    else {
      const b = st.pop(), a = st.pop();
      st.push(t === '+' ? a + b : t === '-' ? a - b : t === '*' ? a * b : a / b);
    }
  });
  return st[0];
};
console.log(evalRPN('3 4 + 2 *'));
const queue = [1, 2, 3]; queue.push(4); console.log(queue.shift(), queue.unshift(0), queue, queue.at(-1), queue.splice(1, 2, 'x', 'y', 'z'), queue, queue.indexOf('y'), queue.lastIndexOf(7));
const set = new Set([1, 2, 2, 3]);
set.add(4).delete(1);
console.log(set, set.size, set.has(2), [...set].map(n => n * n), [...new Set('hello')].join(''));
const m = new Map([['a', 1], ['b', 2]]);
m.set('c', 3).set('a', 10);
m.forEach((v, k) => console.log(k, v));
console.log(m, m.get('zz'), Object.fromEntries(m), new Map(Object.entries({ q: 1 })));
