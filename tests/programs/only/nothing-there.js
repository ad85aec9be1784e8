function firstLarge(values) {
  for (const value of values) {
    if (value > 10) return value;
  }
  return null;
}
console.log(firstLarge([1, 20]), firstLarge([1, 2]));
const found = firstLarge([]);
if (found === null) console.log("nothing");
let empty;
console.log(empty, empty === undefined, empty == null, [1, 2][5]);
