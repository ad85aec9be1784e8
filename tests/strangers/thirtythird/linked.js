class Node {
  constructor(data) {
    this.data = data;
    this.next = null;
  }
}
class LinkedList {
  constructor(...values) {
    this.head = null;
    this.size = 0;
    values.forEach(v => this.append(v));
  }
  append(data) {
    const node = new Node(data);
    if (this.head === null) {
      this.head = node;
    } else {
      let current = this.head;
      while (current.next) current = current.next;
      current.next = node;
    }
    this.size++;
  }
  insertAt(index, data) {
    if (index < 0 || index > this.size) return false;
    const node = new Node(data);
    if (index === 0) {
      node.next = this.head;
      this.head = node;
    } else {
      let previous = this.head;
      for (let i = 0; i < index - 1; i++) previous = previous.next;
      node.next = previous.next;
      previous.next = node;
    }
    this.size++;
    return true;
  }
  remove(data) {
    let current = this.head, previous = null;
    while (current !== null) {
      if (current.data === data) {
        if (previous) previous.next = current.next;
        else this.head = current.next;
        this.size--;
        return current.data;
      }
      previous = current;
      current = current.next;
    }
    return -1;
  }
  reverse() {
    let previous = null;
    let current = this.head;
    while (current) {
      [current.next, previous, current] = [previous, current, current.next];
    }
    this.head = previous;
    return this;
  }
  toArray() {
    const out = [];
    for (let n = this.head; n; n = n.next) out.push(n.data);
    return out;
  }
  print() { console.log(this.toArray().join(' -> ') || '(empty)'); }
}
const list = new LinkedList(4, 8, 15);
list.print();
list.insertAt(1, 6);
console.log(list.insertAt(9, 1), list.remove(8), list.remove(99));
list.reverse().print();
new LinkedList().print();
console.log(list.head, list.size);
const stack = [], queue = [];
for (const ch of '([{}])') '([{'.includes(ch) ? stack.push(ch) : stack.pop();
queue.push(1, 2, 3); queue.unshift(0);
console.log(stack.length, queue.shift(), queue.pop(), queue, queue.splice(0, 1, 'a', 'b'), queue);
const pairs = { ')': '(', ']': '[', '}': '{' };
const balanced = s => {
  const st = [];
  for (const ch of s) {
    if (Object.values(pairs).includes(ch)) st.push(ch);
    else if (ch in pairs && st.pop() !== pairs[ch]) return false;
  }
  return !st.length;
};
console.log(['(a[b]{c})', '([)]', '(('].map(balanced));
