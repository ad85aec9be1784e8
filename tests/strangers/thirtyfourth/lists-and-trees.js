class Node { constructor(value) { this.value = value; this.next = null; } }
class LinkedList {
  constructor(...values) { this.head = null; this.size = 0; values.forEach(v => this.add(v)); }
  add(value) {
    const node = new Node(value);
    if (!this.head) this.head = node;
    else { let n = this.head; while (n.next) n = n.next; n.next = node; }
    this.size++;
    return this;
  }
  remove(value) {
    let prev = null, cur = this.head;
    while (cur !== null && cur.value !== value) { prev = cur; cur = cur.next; }
    if (cur === null) return false;
    if (prev === null) this.head = cur.next; else prev.next = cur.next;
    this.size -= 1;
    return true;
  }
  reverse() {
    let prev = null;
    for (let n = this.head; n;) { [n.next, prev, n] = [prev, n, n.next]; }
    this.head = prev;
  }
  *[Symbol.iterator]() { for (let n = this.head; n; n = n.next) yield n.value; }
  toString() { return [...this].join(' -> ') || 'empty'; }
}
const list = new LinkedList(3, 1, 4, 1, 5);
console.log(`${list}`, list.size, list.remove(1), list.remove(9), String(list));
list.reverse();
console.log(Array.from(list), Math.max(...list));
for (const v of list) if (v > 3) console.log('big', v);
class Stack { #items = []; push(x) { this.#items.push(x); return this; } pop() { if (this.isEmpty()) throw new Error('empty stack'); return this.#items.pop(); } peek() { return this.#items[this.#items.length - 1]; } isEmpty() { return this.#items.length === 0; } get length() { return this.#items.length; } }
function balanced(text) {
  const pairs = { ')': '(', ']': '[', '}': '{' };
  const s = new Stack();
  for (const c of text) {
    if (Object.values(pairs).includes(c)) s.push(c);
    else if (c in pairs && (s.isEmpty() || s.pop() !== pairs[c])) return false;
  }
  return s.isEmpty();
}
['(a[b]{c})', '(]', '((', ''].forEach(t => console.log(JSON.stringify(t), balanced(t)));
function rpn(expression) {
  const stack = new Stack();
  const ops = { '+': (a, b) => a + b, '-': (a, b) => a - b, '*': (a, b) => a * b, '/': (a, b) => a / b };
  for (const t of expression.split(' ')) {
    if (t in ops) { const b = stack.pop(), a = stack.pop(); stack.push(ops[t](a, b)); }
    else stack.push(parseFloat(t));
  }
  return stack.pop();
}
console.log(rpn('3 4 + 2 *'), rpn('5 1 2 + 4 * + 3 -'), rpn('1 2 /'));
try { rpn('1 +'); } catch (err) { console.log(err.message); }
class Tree { constructor(v) { this.v = v; this.left = this.right = null; } insert(v) { const side = v < this.v ? 'left' : 'right'; if (this[side]) this[side].insert(v); else this[side] = new Tree(v); return this; } *walk() { if (this.left) yield* this.left.walk(); yield this.v; if (this.right) yield* this.right.walk(); } get depth() { return 1 + Math.max(this.left?.depth ?? 0, this.right?.depth ?? 0); } }
const tree = [8, 3, 10, 1, 6, 14].reduce((t, v) => t ? t.insert(v) : new Tree(v), null);
console.log([...tree.walk()], tree.depth);
console.log(tree.left);
