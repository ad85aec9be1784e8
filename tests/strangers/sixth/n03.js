class Stack {
  constructor() { this.items = []; }
  push(item) { this.items.push(item); return this; }
  pop() { if (this.isEmpty()) return "empty"; return this.items.pop(); }
  peek() { return this.items[this.items.length - 1]; }
  isEmpty() { return this.items.length === 0; }
  get size() { return this.items.length; }
}
class Queue {
  #list = [];
  enqueue(x) { this.#list.push(x); }
  dequeue() { return this.#list.shift(); }
  front() { return this.#list[0]; }
  toString() { return "<" + this.#list.join(",") + ">"; }
}
const s = new Stack();
s.push(1).push(2).push(3);
console.log(s.pop(), s.peek(), s.size, s.isEmpty());
const q = new Queue();
["a", "b", "c"].forEach(x => q.enqueue(x));
console.log(q.dequeue(), q.front(), `${q}`);
const reversed = word => { const st = new Stack(); for (const c of word) st.push(c); let out = ""; while (!st.isEmpty()) out += st.pop(); return out; };
console.log(reversed("garden"), new Stack().pop());
