let grid = [
  "#########",
  "#S..#...#",
  "#.#.#.#.#",
  "#.#...#E#",
  "#########",
].map(r => r.split(""));
const H = grid.length, W = grid[0].length;
let start, end;
for (let y = 0; y < H; y++) for (let x = 0; x < W; x++) { if (grid[y][x] == "S") start = [y, x]; if (grid[y][x] == "E") end = [y, x]; }
const dist = Array.from({length: H}, () => Array(W).fill(-1));
const q = [start]; dist[start[0]][start[1]] = 0;
while (q.length > 0) {
  const [y, x] = q.shift();
  for (const [dy, dx] of [[0,1],[1,0],[0,-1],[-1,0]]) {
    const ny = y + dy, nx = x + dx;
    if (grid[ny][nx] !== "#" && dist[ny][nx] === -1) { dist[ny][nx] = dist[y][x] + 1; q.push([ny, nx]); }
  }
}
console.log("Shortest:", dist[end[0]][end[1]]);
console.log(dist.map(r => r.map(d => d < 0 ? "##" : String(d).padStart(2)).join("")).join("\n"));
const life = ["....", ".##.", ".#..", "...#"];
function step(rows) {
  return rows.map((row, y) => [...row].map((c, x) => {
    let n = 0;
    for (let dy = -1; dy <= 1; dy++) for (let dx = -1; dx <= 1; dx++)
      if ((dy || dx) && rows[y + dy]?.[x + dx] === "#") n++;
    return n === 3 || (c === "#" && n === 2) ? "#" : ".";
  }).join(""));
}
console.log(step(life).join("\n"));
const inventory = new Map();
const add = (name, qty = 1) => inventory.set(name, (inventory.get(name) ?? 0) + qty);
add("pea", 3); add("bean"); add("pea");
inventory.forEach((qty, name) => console.log(name, qty));
console.log([...inventory.entries()].sort(([a], [b]) => a < b ? -1 : 1), Object.fromEntries(inventory));
function quickSort(a) { if (a.length < 2) return a; const [p, ...rest] = a; return [...quickSort(rest.filter(x => x < p)), p, ...quickSort(rest.filter(x => x >= p))]; }
console.log(quickSort([3, 6, 1, 8, 2, 9, 2]));
function binarySearch(arr, target) { let lo = 0, hi = arr.length - 1; while (lo <= hi) { const mid = (lo + hi) >> 1; if (arr[mid] === target) return mid; arr[mid] < target ? lo = mid + 1 : hi = mid - 1; } return -1; }
console.log(binarySearch([1, 3, 5, 7, 9], 7), binarySearch([1, 3], 4));
console.log(6 & 3, 6 | 3, 6 ^ 3, ~6, 1 << 5, -16 >> 2, -1 >>> 28, 0b101, 0o17, 1_000_000);
var a = 1; { let a = 2; console.log(a); } console.log(a);
var f = function fact(n) { return n ? n * fact(n - 1) : 1; }; console.log(f(5));
console.log([1,2,3].toString(), String([1,[2,3]]), String({}), `${[1,2]}`, [null, undefined, 1].join("-"));
console.log(isNaN("abc"), Number.isNaN("abc"), parseFloat("3.14abc"), (1234.5678).toFixed(2), (0.000001234).toString(), (1e-7).toString(), Number.MAX_SAFE_INTEGER, Number.EPSILON > 0);
let i = 0; const r = i++ + ++i; console.log(i, r, i-- - --i);
let x = null; x ??= 5; x ||= 6; x &&= 7; console.log(x);
console.log([1, 2, 3].lastIndexOf(3), [1, 2, 3].reverse(), [[1, 'a'], [2, 'b']].map(([n, c]) => c + n), "a,b,,c".split(","), "abc".split(""), "abc".substring(2, 0), "abc".slice(-2), "abc".substr(1, 1), "abc".indexOf("z"));

console.error("to stderr");
process.stdout.write("no newline\n");

