const rng = (seed => () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648)(42);
const data = Array.from({ length: 12 }, () => Math.floor(rng() * 100));
console.log(data.length, data.every(n => n >= 0 && n < 100));
const sorts = {
  bubble(a) {
    for (let i = a.length; i > 1; i--)
      for (let j = 1; j < i; j++)
        if (a[j - 1] > a[j]) [a[j - 1], a[j]] = [a[j], a[j - 1]];
    return a;
  },
  insertion(a) {
    for (let i = 1; i < a.length; i++) {
      const x = a[i];
      let j = i - 1;
      for (; j >= 0 && a[j] > x; j--) a[j + 1] = a[j];
      a[j + 1] = x;
    }
    return a;
  },
  merge: function merge(a) {
    if (a.length < 2) return a;
    const mid = a.length >> 1, l = merge(a.slice(0, mid)), r = merge(a.slice(mid));
    const out = [];
    while (l.length && r.length) out.push(l[0] <= r[0] ? l.shift() : r.shift());
    return [...out, ...l, ...r];
  },
  quick(a) {
    if (a.length <= 1) return a;
    const [p, ...rest] = a;
    return [...this.quick(rest.filter(x => x < p)), p, ...this.quick(rest.filter(x => x >= p))];
  },
  counting(a) {
    const c = new Array(101).fill(0);
    a.forEach(n => c[n]++);
    return c.flatMap((n, v) => Array(n).fill(v));
  },
};
const expected = data.slice().sort((a, b) => a - b).join();
for (const name in sorts) {
  const result = sorts[name]([...data]);
  console.log(name.padStart(10), result.join() === expected ? 'ok' : 'WRONG');
}
function binarySearch(a, x, lo = 0, hi = a.length - 1) {
  if (lo > hi) return -1;
  const mid = Math.trunc((lo + hi) / 2);
  return a[mid] === x ? mid : a[mid] < x ? binarySearch(a, x, mid + 1, hi) : binarySearch(a, x, lo, mid - 1);
}
console.log(binarySearch([1, 3, 5, 7, 9, 11], 7), binarySearch([1, 3], 4));
const memo = {};
const fib = n => memo[n] ?? (memo[n] = n < 2 ? n : fib(n - 1) + fib(n - 2));
console.log(fib(50), Object.keys(memo).length);
const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2, Math.sqrt)(16));
console.log([..."hedge"].reverse().join(""), "a-b-c".split("-").at(-1), [1, [2, [3, [4]]]].flat(Infinity));
