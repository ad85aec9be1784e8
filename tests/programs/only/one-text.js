function f(list) {
  let i = 0, j = list.length - 1; // ends
  while (i < j) {
    list[i++] = list[j--];
  }
  for (let node = 0, k = 5; node < k; node = node * 2 + 1) { console.log(node); }
  return i;
}
console.log(f([1, 2, 3, 4]));
