const algorithms = {
  bubble(list) {
    const a = list.slice();
    let swapped;
    do {
      swapped = false;
      for (let i = 1; i < a.length; i++) {
        if (a[i - 1] > a[i]) {
          [a[i - 1], a[i]] = [a[i], a[i - 1]];
          swapped = true;
          this.swaps++;
        }
      }
    } while (swapped);
    return a;
  },
  insertion(list) {
    const a = [...list];
    for (let i = 1; i < a.length; i++) {
      const v = a[i];
      let j = i - 1;
      while (j >= 0 && a[j] > v) {
        a[j + 1] = a[j];
        j--;
      }
      a[j + 1] = v;
    }
    return a;
  },
  quick(list) {
    if (list.length < 2) return list;
    const [pivot, ...rest] = list;
    return [...this.quick(rest.filter(x => x < pivot)), pivot, ...this.quick(rest.filter(x => x >= pivot))];
  },
  merge(list) {
    if (list.length <= 1) return list;
    const mid = Math.floor(list.length / 2);
    const [l, r] = [list.slice(0, mid), list.slice(mid)].map(part => this.merge(part));
    const out = [];
    while (l.length && r.length) out.push(l[0] <= r[0] ? l.shift() : r.shift());
    return out.concat(l, r);
  },
  swaps: 0,
};

let seed = 17;
const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
const numbers = Array.from({ length: 12 }, () => Math.floor(random() * 90) + 10);
console.log(numbers.join(' '));
for (const name in algorithms) {
  if (typeof algorithms[name] !== 'function') continue;
  const sorted = algorithms[name](numbers);
  const ok = sorted.every((v, i) => i === 0 || sorted[i - 1] <= v);
  console.log(`${name}: ${ok ? 'ok' : 'WRONG'} ${sorted[0]}..${sorted[sorted.length - 1]}`);
}
console.log(algorithms.swaps, [3, 20, 100].sort(), [3, 20, 100].sort((a, b) => b - a));
const binary = (a, x, lo = 0, hi = a.length - 1) => {
  if (lo > hi) return -1;
  const m = (lo + hi) >> 1;
  return a[m] === x ? m : a[m] < x ? binary(a, x, m + 1, hi) : binary(a, x, lo, m - 1);
};
console.log(binary([1, 4, 9, 16, 25], 16), binary([1, 4, 9], 5));
const people = [{ n: 'Zoe', a: 9 }, { n: 'Abe', a: 11 }, { n: 'Mia', a: 9 }];
people.sort((p, q) => p.a - q.a || (p.n < q.n ? -1 : 1));
console.log(people.map(p => p.n).join());
console.log(people);
