function pick(list) {
  for (const x of list) {
    var a, best, c;
    if (best === undefined || x > best) best = x;
    while (true) { var once; once = (once || 0) + 1; if (once > 2) break }
    console.log(once)
  }
  return best;
}
console.log(pick([3, 9, 4]));
do {
  var again
  again = (again || '') + 'x'
} while (again.length < 3)
console.log(again)
