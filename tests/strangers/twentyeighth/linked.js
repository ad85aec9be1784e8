class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }
}

class LinkedList {
  constructor(...values) {
    this.head = null;
    this.length = 0;
    for (let v of values) this.append(v);
  }
  append(value) {
    const node = new Node(value);
    if (!this.head) {
      this.head = node;
    } else {
      let cur = this.head;
      while (cur.next) cur = cur.next;
      cur.next = node;
    }
    this.length++;
    return this;
  }
  insertAt(index, value) {
    if (index < 0 || index > this.length) throw new RangeError(`Index ${index} out of range`);
    if (index === 0) {
      this.head = new Node(value, this.head);
    } else {
      let cur = this.head;
      for (let i = 0; i < index - 1; i++) cur = cur.next;
      cur.next = new Node(value, cur.next);
    }
    this.length += 1;
  }
  remove(value) {
    let prev = null, cur = this.head;
    while (cur !== null && cur.value !== value) {
      prev = cur;
      cur = cur.next;
    }
    if (cur === null) return false;
    if (prev === null) this.head = cur.next;
    else prev.next = cur.next;
    this.length--;
    return true;
  }
  reverse() {
    let prev = null;
    let cur = this.head;
    while (cur) {
      [cur.next, prev, cur] = [prev, cur, cur.next];
    }
    this.head = prev;
  }
  *[Symbol.iterator]() {
    let cur = this.head;
    while (cur) {
      yield cur.value;
      cur = cur.next;
    }
  }
  toString() {
    return "(" + [...this].join(" -> ") + ")";
  }
}

const list = new LinkedList(3, 1, 4);
list.append(1).append(5);
console.log(String(list), list.length);
list.insertAt(2, "x");
list.remove(1);
console.log(`${list}`);
list.reverse();
console.log([...list]);
try {
  list.insertAt(99, 0);
} catch (e) {
  if (e instanceof RangeError) console.log(e.name + ": " + e.message);
  else throw e;
}
let sum = 0;
for (const v of list) if (typeof v === "number") sum += v;
console.log(sum, list.remove("nope"), Math.max(...[...list].filter(Number.isFinite)));
