const heights = [12, 15, 9, 22];
let total = 0;
for (const height of heights) {
  total += height;
}
console.log(`average ${total / heights.length}`);
