function bubbleSort(arr) {
    var swapped;
    do {
        swapped = false;
        for (var i = 0; i < arr.length - 1; i++) {
            if (arr[i] > arr[i + 1]) {
                var tmp = arr[i];
                arr[i] = arr[i + 1];
                arr[i + 1] = tmp;
                swapped = true;
            }
        }
    } while (swapped);
    return arr;
}
const quickSort = (list) => {
    if (list.length < 2) return list;
    const [pivot, ...rest] = list;
    return [
        ...quickSort(rest.filter((x) => x < pivot)),
        pivot,
        ...quickSort(rest.filter((x) => x >= pivot)),
    ];
};
function mergeSort(a) {
    if (a.length <= 1) return a;
    const mid = a.length >> 1, left = mergeSort(a.slice(0, mid)), right = mergeSort(a.slice(mid));
    const out = [];
    while (left.length && right.length) out.push(left[0] <= right[0] ? left.shift() : right.shift());
    return out.concat(left, right);
}
function selection(a) {
    for (let i = 0; i < a.length; i++) {
        let min = i;
        for (let j = i + 1; j < a.length; j++) if (a[j] < a[min]) min = j;
        if (min !== i) [a[i], a[min]] = [a[min], a[i]];
    }
}
function binarySearch(a, x, lo = 0, hi = a.length - 1) {
    if (lo > hi) return -1;
    const mid = Math.floor((lo + hi) / 2);
    return a[mid] === x ? mid : a[mid] < x ? binarySearch(a, x, mid + 1, hi) : binarySearch(a, x, lo, mid - 1);
}
const data = [54, 26, 93, 17, 77, 31];
console.log(bubbleSort(data.slice()), quickSort(data), mergeSort(data));
selection(data);
console.log(data, binarySearch(data, 77), binarySearch(data, 5));
console.log([10, 9, 1].sort(), [10, 9, 1].sort((a, b) => a - b), ['b', 'a'].reverse(), Math.max(...data));
