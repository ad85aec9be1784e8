class Node {
  constructor(value, next = null) {
    this.value = value;
    this.next = next;
  }
}

class Queue {
  #head = null;
  #tail = null;
  #size = 0;

  enqueue(...values) {
    for (const value of values) {
      const node = new Node(value);
      if (this.#tail) this.#tail.next = node;
      else this.#head = node;
      this.#tail = node;
      this.#size++;
    }
    return this;
  }

  dequeue() {
    if (!this.#head) return undefined;
    const { value } = this.#head;
    this.#head = this.#head.next;
    if (!this.#head) this.#tail = null;
    this.#size--;
    return value;
  }

  get size() { return this.#size; }

  [Symbol.iterator]() {
    let current = this.#head;
    return {
      next() {
        if (!current) return { value: undefined, done: true };
        const value = current.value;
        current = current.next;
        return { value, done: false };
      }
    };
  }

  toString() { return `Queue(${[...this].join(" <- ")})`; }
}

const jobs = new Queue().enqueue("dig", "sow").enqueue("water");
console.log(`${jobs}`, jobs.size);
console.log(jobs.dequeue(), jobs.dequeue(), jobs.size);
for (const job of jobs) console.log("left:", job);
console.log(Math.max(...new Queue().enqueue(3, 9, 4)));
