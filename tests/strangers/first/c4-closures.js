function makeCounter(start = 0, step = 1) {
  let count = start;
  return {
    next() { count += step; return count; },
    reset: () => { count = start; },
    get value() { return count; },
  };
}
const compose = (...fs) => (x) => fs.reduceRight((v, f) => f(v), x);
const memo = (f) => {
  const seen = new Map();
  return (n) => {
    if (!seen.has(n)) seen.set(n, f(n));
    return seen.get(n);
  };
};
const c = makeCounter(10, 5);
c.next(); c.next();
console.log(c.value);
c.reset();
console.log(c.value, c.next());
console.log(compose((x) => x + 1, (x) => x * 2)(5));
const slow = memo((n) => { console.log("working on", n); return n * n; });
console.log(slow(4), slow(4));
const add = (a) => (b) => a + b;
console.log([1, 2, 3].map(add(10)));
