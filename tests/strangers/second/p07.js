class Stack {
  #items = [];
  push(...xs) { this.#items.push(...xs); return this.size; }
  pop() { if (this.isEmpty()) throw new RangeError('empty stack'); return this.#items.pop(); }
  peek() { return this.#items[this.#items.length - 1]; }
  isEmpty() { return this.#items.length === 0; }
  get size() { return this.#items.length; }
}
const rpn = (expr) => {
  const s = new Stack();
  const ops = { '+': (a, b) => a + b, '-': (a, b) => a - b, '*': (a, b) => a * b, '/': (a, b) => a / b };
  for (const token of expr.split(' ')) {
    if (token in ops) {
      const b = s.pop(), a = s.pop();
      s.push(ops[token](a, b));
    } else s.push(parseFloat(token));
  }
  return s.pop();
};
console.log(rpn('3 4 + 2 *'), rpn('10 2 8 * + 3 -'));
try { rpn('1 +'); } catch (e) { console.log(`${e.name}: ${e.message}`); }
const q = new Stack();
console.log(q.push(1, 2, 3), q.peek(), q.size, q.isEmpty());
