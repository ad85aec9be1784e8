const bubble = list => {
  const a = [...list];
  let swapped;
  do {
    swapped = false;
    for (let i = 0; i < a.length - 1; i++) {
      if (a[i] > a[i + 1]) {
        [a[i], a[i + 1]] = [a[i + 1], a[i]];
        swapped = true;
      }
    }
  } while (swapped);
  return a;
};

function quick(list) {
  if (list.length < 2) return list;
  const [pivot, ...others] = list;
  return [...quick(others.filter(n => n < pivot)), pivot, ...quick(others.filter(n => n >= pivot))];
}

function merge(left, right) {
  const out = [];
  while (left.length && right.length) {
    out.push(left[0] <= right[0] ? left.shift() : right.shift());
  }
  return out.concat(left, right);
}

function mergeSort(list) {
  if (list.length <= 1) return list;
  const middle = Math.floor(list.length / 2);
  return merge(mergeSort(list.slice(0, middle)), mergeSort(list.slice(middle)));
}

const counting = list => {
  const counts = new Array(Math.max(...list) + 1).fill(0);
  list.forEach(n => counts[n]++);
  return counts.flatMap((n, value) => Array(n).fill(value));
};

const insertion = function (list) {
  const a = list.slice();
  for (let i = 1; i < a.length; i++) {
    const x = a[i];
    let j = i - 1;
    for (; j >= 0 && a[j] > x; j--) a[j + 1] = a[j];
    a[j + 1] = x;
  }
  return a;
};

const data = [5, 2, 9, 1, 5, 6, 0, 3];
const algorithms = { bubble, quick, mergeSort, counting, insertion };
for (const [name, sort] of Object.entries(algorithms)) {
  const result = sort(data);
  console.log(name.padEnd(10), result.join(' '), result.every((v, i) => !i || result[i - 1] <= v) ? 'ok' : 'WRONG');
}
console.log(data);
console.log([10, 9, 1].sort(), [10, 9, 1].sort((x, y) => y - x), ['b', undefined, 'a'].sort());
const people = [{ n: 'Odo', a: 12 }, { n: 'Mina', a: 11 }, { n: 'Tam', a: 12 }];
console.log(people.sort((p, q) => q.a - p.a || (p.n < q.n ? -1 : 1)).map(({ n }) => n));
console.log(bubble.name, quick.name, counting.length, merge.length, typeof insertion);
let binary = (list, x, lo = 0, hi = list.length - 1) => {
  if (lo > hi) return -1;
  const mid = (lo + hi) >> 1;
  return list[mid] === x ? mid : list[mid] < x ? binary(list, x, mid + 1, hi) : binary(list, x, lo, mid - 1);
};
console.log(binary([1, 3, 5, 7, 9, 11], 7), binary([1, 3], 2));
