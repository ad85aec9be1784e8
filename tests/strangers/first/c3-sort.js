function bubbleSort(list) {
  const a = list.slice();
  let swaps = 0;
  for (let i = 0; i < a.length - 1; i++) {
    for (let j = 0; j < a.length - i - 1; j++) {
      if (a[j] > a[j + 1]) {
        [a[j], a[j + 1]] = [a[j + 1], a[j]];
        swaps++;
      }
    }
  }
  return { sorted: a, swaps };
}

function quickSort(a) {
  if (a.length <= 1) return a;
  const [pivot, ...rest] = a;
  return [...quickSort(rest.filter((x) => x < pivot)), pivot, ...quickSort(rest.filter((x) => x >= pivot))];
}

function mergeSort(a) {
  if (a.length < 2) return a;
  const middle = Math.floor(a.length / 2);
  const left = mergeSort(a.slice(0, middle)), right = mergeSort(a.slice(middle));
  const out = [];
  let i = 0, j = 0;
  while (i < left.length && j < right.length) out.push(left[i] <= right[j] ? left[i++] : right[j++]);
  return out.concat(left.slice(i), right.slice(j));
}

const list = [29, 10, 14, 37, 13, 10];
const { sorted, swaps } = bubbleSort(list);
console.log(sorted, swaps);
console.log(quickSort(list), mergeSort(list), list);
console.log(list.sort(), [10, 9, 1].sort(), ["b", "a"].reverse());
console.log(JSON.stringify(quickSort(list)) === JSON.stringify(mergeSort(list)));
