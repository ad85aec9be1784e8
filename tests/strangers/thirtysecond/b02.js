class Queue {
  #items = [];
  static created = 0;
  constructor(...start) {
    this.#items.push(...start);
    Queue.created++;
  }
  enqueue(x) { this.#items.push(x); return this; }
  dequeue() {
    if (this.isEmpty) throw new RangeError('queue is empty');
    return this.#items.shift();
  }
  get isEmpty() { return this.#items.length === 0; }
  get length() { return this.#items.length; }
  *[Symbol.iterator]() { yield* this.#items; }
  toString() { return `Queue(${this.#items.join(' <- ')})`; }
}

class PriorityQueue extends Queue {
  enqueue(x) {
    super.enqueue(x);
    return this;
  }
  toString() { return 'Priority' + super.toString(); }
}
const q = new Queue('a', 'b');
q.enqueue('c').enqueue('d');
console.log(String(q), q.length, q.dequeue(), `${q}`);
for (const item of q) console.log('item', item);
console.log([...q].map(x => x.toUpperCase()));
try {
  new Queue().dequeue();
} catch (e) {
  console.log(e.name, e.message, e instanceof RangeError, e instanceof Error);
}
const p = new PriorityQueue(3, 1);
console.log(p.enqueue(2).toString(), p instanceof Queue, Queue.created, p.constructor.name);
