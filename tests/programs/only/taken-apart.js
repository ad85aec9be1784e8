// What is too much is left out, what is missing is undefined.
const [first, second] = [1, 2, 3];
const [only, missing] = ["pea"];
console.log(first, second, only, missing);
for (const [bed, count] of [["a", 1, 9], ["b"]]) {
  console.log(bed, count);
}
