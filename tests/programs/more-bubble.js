const heights = [34, 12, 50, 7, 21];
let passes = 0;
let swapped = true;
while (swapped) {
  swapped = false;
  for (let i = 0; i < heights.length - 1; i++) {
    if (heights[i] > heights[i + 1]) {
      const kept = heights[i];
      heights[i] = heights[i + 1];
      heights[i + 1] = kept;
      swapped = true;
    }
  }
  passes++;
}
console.log(heights, passes);
