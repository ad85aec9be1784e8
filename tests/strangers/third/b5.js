"use strict";
class Stack {
  #items = [];
  push(x) { this.#items.push(x); return this; }
  pop() {
    if (this.#items.length === 0) throw new RangeError("empty stack");
    return this.#items.pop();
  }
  get size() { return this.#items.length; }
  static of(...xs) {
    const s = new Stack();
    xs.forEach((x) => s.push(x));
    return s;
  }
}
const s = Stack.of(1, 2, 3);
console.log(s.size, s.pop(), s.pop(), s.size);
s.pop();
try { s.pop(); } catch (e) { console.log(e.name + ": " + e.message, e instanceof RangeError); }
class GardenError extends Error {
  constructor(message, bed) {
    super(message);
    this.name = "GardenError";
    this.bed = bed;
  }
}
try {
  throw new GardenError("too dry", 4);
} catch (err) {
  if (err instanceof GardenError) console.log(`${err.name}: ${err.message} in bed ${err.bed}`);
} finally {
  console.log("done");
}
