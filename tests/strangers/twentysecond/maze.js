let maze = [
  "#########",
  "#S..#...#",
  "#.#.#.#.#",
  "#.#...#E#",
  "#########",
];
const dirs = { N: [-1, 0], E: [0, 1], S: [1, 0], W: [0, -1] };
function locate(ch) {
  for (let r = 0; r < maze.length; r++) {
    const c = maze[r].indexOf(ch);
    if (c >= 0) return { r, c };
  }
  return null;
}
function bfs(start, goal) {
  const id = ({ r, c }) => `${r},${c}`;
  const queue = [start];
  const from = { [id(start)]: null };
  while (queue.length > 0) {
    const cur = queue.shift();
    if (cur.r === goal.r && cur.c === goal.c) {
      let path = '';
      let k = id(cur);
      while (from[k] !== null) {
        path = from[k].dir + path;
        k = from[k].prev;
      }
      return path;
    }
    for (const [dir, [dr, dc]] of Object.entries(dirs)) {
      const next = { r: cur.r + dr, c: cur.c + dc };
      if (maze[next.r]?.[next.c] === '#' || id(next) in from) continue;
      from[id(next)] = { prev: id(cur), dir };
      queue.push(next);
    }
  }
  return undefined;
}
const s = locate('S'), e = locate('E');
console.log(s, e, locate('X'));
const p = bfs(s, e);
console.log(p, p.length);
let { r, c } = s;
const out = maze.map(row => row.split(''));
for (const d of p) {
  r += dirs[d][0];
  c += dirs[d][1];
  if (out[r][c] !== 'E') out[r][c] = '*';
}
console.log(out.map(row => row.join('')).join('\n'));
const hanoi = (n, a = 'A', b = 'B', c = 'C') => n === 0 ? [] : [...hanoi(n - 1, a, c, b), `${a}${c}`, ...hanoi(n - 1, b, a, c)];
console.log(hanoi(3).join(' '), hanoi(8).length);
const perms = xs => xs.length <= 1 ? [xs] : xs.flatMap((x, i) => perms([...xs.slice(0, i), ...xs.slice(i + 1)]).map(p => [x, ...p]));
console.log(perms(['a', 'b', 'c']).map(p => p.join('')));
const queens = (n, row = 0, cols = []) => row === n ? 1 : Array.from({ length: n }, (_, c) => cols.some((cc, rr) => cc === c || Math.abs(cc - c) === row - rr) ? 0 : queens(n, row + 1, [...cols, c])).reduce((a, b) => a + b, 0);
console.log([1, 4, 5, 6].map(n => queens(n)));
const memo = {};
const ways = (n) => n in memo ? memo[n] : memo[n] = n <= 1 ? 1 : ways(n - 1) + ways(n - 2);
console.log(ways(50));
const bsearch = (arr, x) => { let lo = 0, hi = arr.length - 1; while (lo <= hi) { const mid = (lo + hi) >> 1; if (arr[mid] === x) return mid; arr[mid] < x ? lo = mid + 1 : hi = mid - 1; } return ~lo; };
console.log(bsearch([1, 3, 5, 7], 5), bsearch([1, 3, 5, 7], 4));
const quicksort = ([p, ...xs]) => p === undefined ? [] : [...quicksort(xs.filter(x => x < p)), p, ...quicksort(xs.filter(x => x >= p))];
console.log(quicksort([5, 3, 8, 1, 9, 2, 3]));
