function makeCounter(start = 0, { step = 1, limit = Infinity } = {}) {
  let value = start;
  return {
    next() { value = Math.min(value + step, limit); return value; },
    reset: () => { value = start; },
    get value() { return value; },
    set value(v) { if (typeof v !== 'number') throw new TypeError('number wanted'); value = v; },
  };
}
const c = makeCounter(10, { step: 5, limit: 22 });
console.log(c.next(), c.next(), c.next(), c.value);
c.reset();
c.value = 3;
console.log(c.value, c.next());
try { c.value = 'x'; } catch ({ name, message }) { console.log(name + ': ' + message); }
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const add = a => b => a + b;
console.log(compose(add(1), x => x * 2, Math.sqrt)(16));
function memoize(fn) {
  const cache = {};
  return function (...args) {
    const key = JSON.stringify(args);
    if (!(key in cache)) { cache[key] = fn.apply(this, args); }
    return cache[key];
  };
}
let calls = 0;
const slow = memoize((a, b) => { calls++; return a ** b; });
console.log(slow(2, 10), slow(2, 10), slow(3, 3), calls);
const debounce = function* (xs) { let last; for (const x of xs) { if (x !== last) yield x; last = x; } };
console.log([...debounce([1, 1, 2, 2, 3, 1])]);
console.log([1, 2, 3, 4].map((x) => ({ x, even: x % 2 === 0 })));
(function () { var hidden = 'inside'; console.log(hidden, typeof hidden2); })();
console.log([..."garden"].reverse().join(""), "a-b-c".split("-", 2), "abc".charCodeAt(1), String.fromCharCode(72, 105));
console.log(((a, b = a + 1, ...rest) => [a, b, rest])(1, undefined, 3, 4));
var fns = []; for (let i = 0; i < 3; i++) fns.push(() => i); console.log(fns.map(f => f()));
var gs = []; for (var j = 0; j < 3; j++) gs.push(() => j); console.log(gs.map(f => f()));
