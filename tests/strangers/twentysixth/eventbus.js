'use strict';

class EventBus {
  #handlers = new Map();

  on(name, handler, { once = false } = {}) {
    const list = this.#handlers.get(name) ?? [];
    list.push({ handler, once });
    this.#handlers.set(name, list);
    return () => this.off(name, handler);
  }

  off(name, handler) {
    const list = this.#handlers.get(name);
    if (!list) return false;
    const kept = list.filter((entry) => entry.handler !== handler);
    this.#handlers.set(name, kept);
    return kept.length < list.length;
  }

  emit(name, ...args) {
    const list = this.#handlers.get(name) || [];
    for (const { handler, once } of [...list]) {
      handler(...args);
      if (once) this.off(name, handler);
    }
    return list.length;
  }

  get names() {
    return [...this.#handlers.keys()].sort();
  }
}

const bus = new EventBus();
const log = [];
const stop = bus.on('rain', (mm, where = 'everywhere') => log.push(`${mm}mm ${where}`));
bus.on('rain', () => log.push('umbrella!'), { once: true });
bus.on('sun', function (hours) { log.push('sun for ' + hours); });
console.log(bus.emit('rain', 5), bus.emit('rain', 2, 'in the east'), bus.emit('hail'));
stop();
console.log(bus.emit('rain', 9), bus.names);
bus.emit('sun', 3);
console.log(log.join('\n'));
console.log(bus.off('snow', stop), bus.off('rain', stop));
