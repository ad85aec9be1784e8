'use strict';

/**
 * Greenhouse controller – event based.
 */
class Emitter {
  #handlers = new Map();

  on(name, handler) {
    if (!this.#handlers.has(name)) this.#handlers.set(name, []);
    this.#handlers.get(name).push(handler);
    return () => this.off(name, handler);
  }

  off(name, handler) {
    const list = this.#handlers.get(name) ?? [];
    const at = list.indexOf(handler);
    if (at !== -1) list.splice(at, 1);
  }

  once(name, handler) {
    const stop = this.on(name, (...args) => {
      stop();
      handler(...args);
    });
  }

  emit(name, ...args) {
    const list = this.#handlers.get(name);
    if (!list || list.length === 0) return false;
    [...list].forEach((h) => h.apply(this, args));
    return true;
  }
}

class Sensor extends Emitter {
  static #next = 1;
  static create(kind, limits = { low: 0, high: 30 }) {
    return new Sensor(kind, limits);
  }

  constructor(kind, { low, high }) {
    super();
    this.id = `${kind}-${Sensor.#next++}`;
    this.low = low;
    this.high = high;
    this.values = [];
  }

  get last() {
    return this.values[this.values.length - 1];
  }

  set value(v) {
    this.values.push(v);
    this.emit('reading', v, this);
    if (v < this.low) this.emit('low', v);
    else if (v > this.high) this.emit('high', v);
  }

  get average() {
    return this.values.reduce((a, b) => a + b, 0) / this.values.length;
  }

  toString() {
    return `[${this.id}]`;
  }
}

class Pump {
  running = false;
  toggles = 0;
  toggle = () => {
    this.running = !this.running;
    this.toggles += 1;
    console.log(`pump ${this.running ? 'on' : 'off'}`);
  };
}

const sensor = Sensor.create('temp', { low: 5, high: 25 });
const pump = new Pump();
const log = [];
sensor.on('high', pump.toggle);
const stop = sensor.on('reading', (v, who) => log.push(`${who}: ${v.toFixed(1)}`));
sensor.once('low', function (v) {
  console.log('first frost at', v);
});
for (const v of [12, 26.25, 4, 30, -1]) sensor.value = v;
stop();
sensor.value = 18;
console.log(log.join('\n'));
console.log(sensor.last, sensor.average.toFixed(3), pump.toggles);
console.log(sensor.emit('nothing'), `${Sensor.create('wet')}`);
const { id, low, ...rest } = sensor;
console.log(id, low, Object.keys(rest).sort());
console.log(JSON.stringify({ pump, when: null, skip: undefined, list: [undefined, () => 1, NaN] }));
