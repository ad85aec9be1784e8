const plot = [[1, 2, 3], [4, 5, 6], [7, 8, 9]];
let diagonal = 0;
for (let i = 0; i < 3; i++) {
  diagonal += plot[i][i];
}
plot[1][1] = 0;
console.log(diagonal, plot[1][1]);
