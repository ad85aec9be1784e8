const heights = [12, 15, 9, 22];
const doubled = heights.map((height) => height * 2);
const tall = heights.filter((height) => height > 12);
console.log(doubled.join(" "));
console.log(tall.length);
