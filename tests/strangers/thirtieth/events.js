class Emitter {
  constructor() {
    this.handlers = {};
  }
  on(name, handler) {
    if (!this.handlers[name]) this.handlers[name] = [];
    this.handlers[name].push(handler);
    return () => {
      this.handlers[name] = this.handlers[name].filter(h => h !== handler);
    };
  }
  once(name, handler) {
    const off = this.on(name, (...args) => {
      off();
      handler(...args);
    });
  }
  emit(name, ...args) {
    (this.handlers[name] || []).slice().forEach(handler => handler(...args));
    return this.handlers[name] ? this.handlers[name].length : 0;
  }
}

const bell = new Emitter();
const log = [];
const off = bell.on('ring', (who, times = 1) => log.push(`${who} rang ${times}x`));
bell.once('ring', who => log.push(`welcome ${who}`));
console.log(bell.emit('ring', 'Mina', 2), bell.emit('ring', 'Odo'), bell.emit('knock'));
off();
console.log(bell.emit('ring', 'Tam'));
console.log(log);

const counter = (() => {
  let n = 0;
  return { next: () => ++n, reset() { n = 0; return this; }, get value() { return n; } };
})();
counter.next(); counter.next();
console.log(counter.value, counter.reset().value, counter.next());

function memoize(fn) {
  const cache = {};
  return function (n) {
    if (n in cache) return cache[n];
    return (cache[n] = fn(n));
  };
}
let calls = 0;
const fib = memoize(n => { calls++; return n < 2 ? n : fib(n - 1) + fib(n - 2); });
console.log(fib(60), calls);

const pipe = (...fns) => x => fns.reduce((v, f) => f(v), x);
const shout = pipe(s => s.trim(), s => s.toUpperCase(), s => s + '!');
console.log(shout('  hello '));
const curry = f => a => b => c => f(a, b, c);
console.log(curry((a, b, c) => a * b + c)(2)(3)(4));
const debounced = [];
setTimeout(() => debounced.push('late'), 20);
setTimeout(() => { debounced.push('early'); console.log(debounced); }, 5);
setTimeout(() => console.log(debounced.join()), 40);
Promise.resolve(1).then(v => { debounced.push('promise'); return v + 1; }).then(v => console.log('then', v));
console.log('end of script', debounced.length);
