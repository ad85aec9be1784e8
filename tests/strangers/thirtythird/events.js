class Emitter {
  constructor() { this.handlers = {}; }
  on(name, handler) {
    if (!this.handlers[name]) this.handlers[name] = [];
    this.handlers[name].push(handler);
    return () => this.off(name, handler);
  }
  off(name, handler) {
    this.handlers[name] = (this.handlers[name] || []).filter(h => h !== handler);
  }
  emit(name, ...args) {
    const list = this.handlers[name] || [];
    list.forEach(h => h.apply(this, args));
    return list.length > 0;
  }
  once(name, handler) {
    const stop = this.on(name, (...args) => { stop(); handler(...args); });
  }
}

const garden = new Emitter();
const log = [];
const stopRain = garden.on('rain', mm => log.push(`rain ${mm} mm`));
garden.on('rain', function (mm) { if (mm > 10) this.emit('flood', mm, 'cellar'); });
garden.on('flood', (mm, where) => log.push(`flood in the ${where} after ${mm}`));
garden.once('sun', () => log.push('first sun'));

garden.emit('rain', 4);
garden.emit('rain', 12);
garden.emit('sun');
garden.emit('sun');
stopRain();
console.log(garden.emit('rain', 1), garden.emit('snow'));
console.log(log);

function debounceCount(fn, n) {
  let calls = 0;
  return function (...args) {
    calls += 1;
    if (calls % n === 0) return fn.call(this, ...args);
    return null;
  };
}
const every3 = debounceCount((a, b) => a + b, 3);
console.log([1, 2, 3, 4, 5, 6].map(i => every3(i, i)));

const memo = fn => {
  const cache = new Map();
  return n => {
    if (cache.has(n)) return cache.get(n);
    const value = fn(n);
    cache.set(n, value);
    return value;
  };
};
const fib = memo(n => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(80));
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2)(5));
const curry = f => a => b => c => f(a, b, c);
console.log(curry((a, b, c) => a * b - c)(3)(4)(5));
