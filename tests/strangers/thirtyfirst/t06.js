class EventEmitter {
  constructor() { this.listeners = {}; }
  on(event, fn) {
    if (!this.listeners[event]) this.listeners[event] = [];
    this.listeners[event].push(fn);
    return () => this.off(event, fn);
  }
  off(event, fn) {
    this.listeners[event] = this.listeners[event].filter(f => f !== fn);
  }
  once(event, fn) {
    const wrapper = (...args) => {
      fn(...args);
      this.off(event, wrapper);
    };
    this.on(event, wrapper);
  }
  emit(event, ...args) {
    (this.listeners[event] || []).slice().forEach(fn => fn(...args));
    return this;
  }
}

class Garden extends EventEmitter {
  beds = [];
  addBed(bed) {
    this.beds.push(bed);
    this.emit("bed", bed, this.beds.length);
  }
}

const garden = new Garden();
const stop = garden.on("bed", (bed, n) => console.log(`bed ${n}: ${bed.crop}`));
garden.once("bed", () => console.log("first bed!"));
garden.addBed({ crop: "peas" });
garden.addBed({ crop: "beans", rows: 3 });
stop();
garden.addBed({ crop: "leeks" });
garden.emit("nothing").emit("bed", {});
console.log(garden.beds.map(({ crop, rows = 1 }) => `${crop}x${rows}`));

const pipeline = [
  (s) => s.trim(),
  (s) => s.split(/\s+/),
  (words) => words.map((w) => w[0].toUpperCase() + w.slice(1)),
  (words) => words.join(" "),
];
console.log(pipeline.reduce((value, f) => f(value), "  the  quiet garden "));

function* idMaker(prefix) {
  let n = 0;
  while (true) {
    const reset = yield `${prefix}-${n++}`;
    if (reset) n = 0;
  }
}
const ids = idMaker("bed");
console.log(ids.next().value, ids.next().value, ids.next(true).value);
const range = { from: 1, to: 4, *[Symbol.iterator]() { for (let i = this.from; i <= this.to; i++) yield i; } };
console.log([...range], Math.max(...range));
