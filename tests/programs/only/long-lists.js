// Node.js shows the first hundred items, and how many more there are.
console.log(Array.from({ length: 101 }, (_, i) => i));
console.log(Array.from({ length: 103 }, () => "bed"));
const gaps = [1];
gaps[2] = 3;
console.log(gaps, gaps.length, gaps[1]);
