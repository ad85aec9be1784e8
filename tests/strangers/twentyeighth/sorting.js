function bubbleSort(arr) {
  var a = arr.slice(), swapped, passes = 0;
  do {
    swapped = false;
    for (var i = 0; i < a.length - 1; i++) {
      if (a[i] > a[i + 1]) {
        var tmp = a[i];
        a[i] = a[i + 1];
        a[i + 1] = tmp;
        swapped = true;
      }
    }
    passes++;
  } while (swapped);
  console.log("passes:", passes);
  return a;
}

const quickSort = ([pivot, ...rest]) =>
  pivot === undefined ? [] : [
    ...quickSort(rest.filter(x => x < pivot)),
    pivot,
    ...quickSort(rest.filter(x => x >= pivot)),
  ];

function mergeSort(a) {
  if (a.length < 2) return a;
  const mid = a.length >> 1;
  const left = mergeSort(a.slice(0, mid)), right = mergeSort(a.slice(mid));
  const out = [];
  let i = 0, j = 0;
  while (i < left.length && j < right.length)
    out.push(left[i] <= right[j] ? left[i++] : right[j++]);
  return out.concat(left.slice(i), right.slice(j));
}

function binarySearch(a, x, lo = 0, hi = a.length - 1) {
  if (lo > hi) return -1;
  const mid = Math.floor((lo + hi) / 2);
  if (a[mid] === x) return mid;
  return a[mid] < x ? binarySearch(a, x, mid + 1, hi) : binarySearch(a, x, lo, mid - 1);
}

const data = [38, 27, 43, 3, 9, 82, 10, 3];
const sorted = bubbleSort(data);
console.log(sorted);
console.log(quickSort(data).toString() === sorted.toString(), mergeSort(data).every((v, i) => v === sorted[i]));
console.log(binarySearch(sorted, 43), binarySearch(sorted, 44), sorted.indexOf(3), sorted.lastIndexOf(3));
console.log([10, 9, 1, 100].sort(), [10, 9, 1, 100].sort((a, b) => a - b), ["b", "a", "C"].sort(), ["b", "a", "C"].sort((x, y) => x.localeCompare(y)));
const people = [{ n: "Ivy", a: 12 }, { n: "Ash", a: 11 }, { n: "Elm", a: 12 }];
people.sort((p, q) => q.a - p.a || p.n.localeCompare(q.n));
console.log(people.map(p => p.n).join());
console.table && console.log(typeof console.table);
