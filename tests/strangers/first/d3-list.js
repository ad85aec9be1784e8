class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }
}
class LinkedList {
  constructor() {
    this.head = null;
    this.size = 0;
  }
  add(value) {
    const node = new Node(value);
    if (!this.head) this.head = node;
    else {
      let current = this.head;
      while (current.next) current = current.next;
      current.next = node;
    }
    this.size++;
  }
  remove(value) {
    let current = this.head, previous = null;
    while (current !== null) {
      if (current.value === value) {
        if (previous === null) this.head = current.next;
        else previous.next = current.next;
        this.size--;
        return true;
      }
      previous = current;
      current = current.next;
    }
    return false;
  }
  *[Symbol.iterator]() {
    for (let n = this.head; n; n = n.next) yield n.value;
  }
}
const l = new LinkedList();
[3, 1, 4, 1, 5].forEach((v) => l.add(v));
console.log([...l], l.size, l.remove(4), l.remove(9), [...l].join("->"));
