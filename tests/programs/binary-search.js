function place(values, wanted) {
  let low = 0;
  let high = values.length - 1;
  while (low <= high) {
    const middle = Math.floor((low + high) / 2);
    if (values[middle] === wanted) return middle;
    if (values[middle] < wanted) low = middle + 1;
    else high = middle - 1;
  }
  return -1;
}
for (const wanted of [2, 7, 13, 4]) console.log(wanted, place([2, 3, 5, 7, 11, 13], wanted));
