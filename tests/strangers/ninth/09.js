const grid = Array.from({ length: 3 }, () => Array(3).fill("."));
grid[1][1] = "X"; grid[0][2] = "O";
console.log(grid.map(r => r.join(" ")).join("\n"));
const neighbours = (r, c) => [[-1, 0], [1, 0], [0, -1], [0, 1]].map(([dr, dc]) => [r + dr, c + dc]).filter(([y, x]) => y >= 0 && x >= 0 && y < 3 && x < 3);
console.log(neighbours(0, 0), neighbours(1, 1).length);
const queue = [[0, 0]], seen = new Set(["0,0"]);
let steps = 0;
while (queue.length > 0) { const [r, c] = queue.shift(); steps++; for (const [y, x] of neighbours(r, c)) { const key = `${y},${x}`; if (!seen.has(key) && grid[y][x] !== "X") { seen.add(key); queue.push([y, x]); } } }
console.log(steps, seen.size);
