function makeCounter(start = 0, step = 1) {
  let count = start;
  return {
    next() { count += step; return count; },
    reset: () => { count = start; },
    get value() { return count; },
  };
}
const c1 = makeCounter(), c2 = makeCounter(10, 5);
c1.next(); c1.next(); c2.next();
console.log(c1.value, c2.value); c1.reset(); console.log(c1.value);
const adders = [];
for (let i = 0; i < 3; i++) adders.push(x => x + i);
console.log(adders.map(f => f(10)));
const once = fn => { let done = false, result; return (...args) => { if (!done) { done = true; result = fn(...args); } return result; }; };
const init = once((a, b) => a + b);
console.log(init(1, 2), init(5, 5));
const pipe = (...fns) => x => fns.reduce((v, f) => f(v), x);
console.log(pipe(x => x + 1, x => x * 2, String)(3));
