const sorts = {
  bubble(list) {
    const a = [...list];
    let swapped;
    do {
      swapped = false;
      for (let i = 0; i + 1 < a.length; i++) {
        if (a[i] > a[i + 1]) {
          [a[i], a[i + 1]] = [a[i + 1], a[i]];
          swapped = true;
        }
      }
    } while (swapped);
    return a;
  },
  selection(list) {
    const a = list.slice();
    for (let i = 0; i < a.length - 1; i++) {
      let min = i;
      for (let j = i + 1; j < a.length; j++) if (a[j] < a[min]) min = j;
      if (min !== i) { const t = a[i]; a[i] = a[min]; a[min] = t; }
    }
    return a;
  },
  insertion: (list) => list.reduce((done, x) => {
    let at = done.findIndex((y) => y > x);
    if (at < 0) at = done.length;
    done.splice(at, 0, x);
    return done;
  }, []),
  quick: function quick(list) {
    if (list.length < 2) return list;
    const [pivot, ...rest] = list;
    return [...quick(rest.filter((x) => x < pivot)), pivot, ...quick(rest.filter((x) => x >= pivot))];
  },
  merge(list) {
    const half = list.length >> 1;
    if (!half) return list;
    const left = sorts.merge(list.slice(0, half)), right = sorts.merge(list.slice(half));
    const out = [];
    while (left.length && right.length) out.push(left[0] <= right[0] ? left.shift() : right.shift());
    return out.concat(left, right);
  },
};
let seed = 42;
const random = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
const data = Array.from({ length: 12 }, () => Math.floor(random() * 100));
console.log(data.join(" "));
const wanted = [...data].sort((a, b) => a - b).join();
for (const [name, sort] of Object.entries(sorts)) {
  const got = sort(data);
  console.log(name.padEnd(10, "."), got.join() === wanted ? "ok" : "WRONG " + got);
}
console.log([10, 9, 1].sort(), ["b", "a", "C"].sort(), [3, 1, 2].reverse());
const search = (list, x, lo = 0, hi = list.length - 1) => {
  if (lo > hi) return -1;
  const mid = Math.floor((lo + hi) / 2);
  return list[mid] === x ? mid : list[mid] < x ? search(list, x, mid + 1, hi) : search(list, x, lo, mid - 1);
};
const sortedData = sorts.quick(data);
console.log(search(sortedData, sortedData[7]), search(sortedData, -5));
