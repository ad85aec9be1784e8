'use strict';

class EventHub {
  #handlers = new Map();

  on(name, fn) {
    if (!this.#handlers.has(name)) this.#handlers.set(name, []);
    this.#handlers.get(name).push(fn);
    return () => this.off(name, fn);
  }

  off(name, fn) {
    const list = this.#handlers.get(name) ?? [];
    this.#handlers.set(name, list.filter(h => h !== fn));
  }

  emit(name, ...args) {
    (this.#handlers.get(name) || []).forEach(h => h(...args));
  }

  get size() {
    let n = 0;
    for (const [, list] of this.#handlers) n += list.length;
    return n;
  }
}

const hub = new EventHub();
const log = [];
const stop = hub.on('rain', mm => log.push(`rain ${mm}mm`));
hub.on('rain', (mm, place = 'garden') => { if (mm > 5) console.log(`Flood in ${place}!`); });
hub.on('sun', function (hours) { log.push('sun ' + hours + 'h'); });
hub.emit('rain', 3);
hub.emit('rain', 8, 'pond');
stop();
hub.emit('rain', 10);
hub.emit('sun', 6);
hub.emit('snow');
console.log(log, hub.size);
console.log(log.join(' | '));
