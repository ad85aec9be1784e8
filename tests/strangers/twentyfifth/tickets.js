// Event-driven ticket office
class EventEmitter {
  constructor() { this.handlers = {}; }
  on(event, handler) { (this.handlers[event] ||= []).push(handler); return this; }
  off(event, handler) { this.handlers[event] = (this.handlers[event] || []).filter((h) => h !== handler); }
  emit(event, ...args) { for (const h of this.handlers[event] ?? []) h.apply(this, args); return (this.handlers[event] ?? []).length > 0; }
}
class Office extends EventEmitter {
  #seats;
  constructor(rows, cols) {
    super();
    this.#seats = Array.from({ length: rows }, () => new Array(cols).fill('.'));
  }
  static parse(code) {
    const m = /^([A-Z])(\d+)$/.exec(code);
    if (!m) throw new SyntaxError(`bad seat ${code}`);
    return [m[1].charCodeAt(0) - 65, Number(m[2]) - 1];
  }
  book(code, name) {
    try {
      const [r, c] = Office.parse(code);
      if (this.#seats[r]?.[c] === undefined) throw new RangeError(`no seat ${code}`);
      if (this.#seats[r][c] !== '.') throw new Error(`${code} is taken`);
      this.#seats[r][c] = name[0];
      this.emit('booked', code, name);
    } catch (err) {
      this.emit('error', err);
    }
  }
  get free() { return this.#seats.flat().filter((s) => s === '.').length; }
  toString() { return this.#seats.map((r, i) => `${String.fromCharCode(65 + i)} ${r.join(' ')}`).join('\n'); }
}
const office = new Office(2, 4);
let count = 0;
const onBooked = (code, name) => { count++; console.log(`${name} sits in ${code}`); };
office.on('booked', onBooked).on('error', (e) => console.log(`! ${e.name}: ${e.message}`));
office.on('booked', function () { if (this.free === 5) console.log('five left'); });
[['A1', 'Moss'], ['A1', 'Ivy'], ['B4', 'Ivy'], ['C1', 'Reed'], ['b2', 'Reed'], ['B2', 'Reed']].forEach(([c, n]) => office.book(c, n));
office.off('booked', onBooked);
office.book('A2', 'Fern');
console.log(`${office}`);
console.log(count, office.free, office.emit('nothing'), office.emit('booked'));
const queue = [];
const tick = (fn) => queue.push(fn);
tick(() => console.log('later 1'));
tick(() => { console.log('later 2'); tick(() => console.log('later 3')); });
while (queue.length) queue.shift()();
