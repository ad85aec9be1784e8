class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }
}

class LinkedList {
  #length = 0;
  head = null;

  add(value) {
    const node = new Node(value);
    if (!this.head) {
      this.head = node;
    } else {
      let current = this.head;
      while (current.next) current = current.next;
      current.next = node;
    }
    this.#length++;
    return this;
  }

  remove(value) {
    let previous = null;
    for (let node = this.head; node; node = node.next) {
      if (node.value === value) {
        if (previous) previous.next = node.next;
        else this.head = node.next;
        this.#length--;
        return true;
      }
      previous = node;
    }
    return false;
  }

  get length() {
    return this.#length;
  }

  *[Symbol.iterator]() {
    for (let node = this.head; node !== null; node = node.next) yield node.value;
  }

  static from(items) {
    return items.reduce((list, item) => list.add(item), new LinkedList());
  }

  toString() {
    return [...this].join(' -> ');
  }
}

const list = LinkedList.from(['pea', 'bean', 'leek']);
list.add('kale').remove('bean');
console.log(String(list), list.length, list.remove('oak'));
for (const v of list) console.log(v.toUpperCase());
console.log(Math.max(...[...list].map((v) => v.length)));
