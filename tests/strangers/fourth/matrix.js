const rows = 3, cols = 4;
const grid = Array.from({ length: rows }, () => Array(cols).fill(0));
for (let r = 0; r < rows; r++) for (let c = 0; c < cols; c++) grid[r][c] = r * cols + c;
console.log(grid);
const transpose = m => m[0].map((_, i) => m.map(row => row[i]));
console.log(transpose(grid).map(r => r.join('\t')).join('\n'));
const multiply = (a, b) => a.map(r => transpose(b).map(c => r.reduce((s, v, i) => s + v * c[i], 0)));
console.log(multiply([[1, 2], [3, 4]], [[5, 6], [7, 8]]));
console.log(grid.flat().filter(v => v % 5 === 0), grid.map(r => Math.max(...r)), [[1, [2, [3]]]].flat(Infinity));
let spiral = [], top = 0, bottom = rows - 1, left = 0, right = cols - 1;
while (top <= bottom && left <= right) {
  for (let c = left; c <= right; c++) spiral.push(grid[top][c]);
  top++;
  for (let r = top; r <= bottom; r++) spiral.push(grid[r][right]);
  right--;
  if (top <= bottom) { for (let c = right; c >= left; c--) spiral.push(grid[bottom][c]); bottom--; }
  if (left <= right) { for (let r = bottom; r >= top; r--) spiral.push(grid[r][left]); left++; }
}
console.log(spiral.toString());
const copy = structuredClone(grid);
copy[0][0] = 99;
console.log(grid[0][0], copy[0][0], grid.length * grid[0].length, new Array(3), Array.isArray(grid));
console.table([[1, 2], [3, 4]]);
