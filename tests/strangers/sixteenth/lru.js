class LRUCache {
  constructor(limit) {
    this.limit = limit;
    this.map = new Map();
    this.hits = this.misses = 0;
  }
  get(key) {
    if (!this.map.has(key)) {
      this.misses++;
      return undefined;
    }
    this.hits++;
    const value = this.map.get(key);
    this.map.delete(key);
    this.map.set(key, value);
    return value;
  }
  set(key, value) {
    if (this.map.has(key)) this.map.delete(key);
    else if (this.map.size >= this.limit) {
      const oldest = this.map.keys().next().value;
      console.log('drop', oldest);
      this.map.delete(oldest);
    }
    this.map.set(key, value);
  }
}

function memoize(fn, limit = 3) {
  const cache = new LRUCache(limit);
  const wrapped = (...args) => {
    const key = JSON.stringify(args);
    const known = cache.get(key);
    if (known !== undefined) return known;
    const result = fn(...args);
    cache.set(key, result);
    return result;
  };
  wrapped.stats = () => `${cache.hits} hits, ${cache.misses} misses`;
  return wrapped;
}

let calls = 0;
const slow = memoize((a, b) => {
  calls++;
  return a * b;
});
console.log([slow(2, 3), slow(2, 3), slow(4, 5), slow(6, 7), slow(8, 9), slow(2, 3)], calls);
console.log(slow.stats());
const range = (n) => [...Array(n).keys()];
console.log(range(5).map(n => slow(n, n)), calls);
