function createCounter(start = 0, step = 1) {
  let value = start;
  const history = [];
  return {
    next() {
      history.push(value);
      value += step;
      return value;
    },
    reset: () => { value = start; },
    get value() { return value; },
    get history() { return [...history]; },
  };
}

function debounceLog(prefix) {
  let n = 0;
  return (...args) => console.log(`${prefix}#${++n}`, ...args);
}

const memo = (fn) => {
  const cache = new Map();
  return (n) => {
    if (!cache.has(n)) cache.set(n, fn(n));
    return cache.get(n);
  };
};

const c = createCounter(5, 5);
c.next(); c.next();
console.log(c.value, c.history);
c.reset();
console.log(c.value);
const log = debounceLog('log');
log('a', 1);
log('b', [2, 3], { d: 4 });
const fib = memo(n => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(50));
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const shout = compose(s => s + '!', s => s.toUpperCase(), s => s.trim());
console.log(shout('  hello '));
const curry = a => b => c => a + b + c;
console.log(curry(1)(2)(3));
(function () {
  console.log('iife', typeof this);
})();
setTimeout(() => console.log('later'), 10);
setTimeout(() => console.log('soon'), 0);
console.log('now');
