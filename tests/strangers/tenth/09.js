const SIZE = 8;
let board = Array.from({ length: SIZE }, () => Array(SIZE).fill('.'));
let solutions = 0;
function safe(row, col) {
  for (let r = 0; r < row; r++) {
    for (let c = 0; c < SIZE; c++) {
      if (board[r][c] === 'Q' && (c === col || Math.abs(r - row) === Math.abs(c - col))) return false;
    }
  }
  return true;
}
function solve(row) {
  if (row === SIZE) {
    solutions++;
    if (solutions === 1) console.log(board.map(r => r.join(' ')).join('\n'));
    return;
  }
  for (let col = 0; col < SIZE; col++) {
    if (safe(row, col)) {
      board[row][col] = 'Q';
      solve(row + 1);
      board[row][col] = '.';
    }
  }
}
solve(0);
console.log(`${solutions} solutions`);
const hanoi = (n, a, b, c) => n === 0 ? 0 : hanoi(n - 1, a, c, b) + 1 + hanoi(n - 1, c, b, a);
console.log(hanoi(10, 'A', 'B', 'C'));
const permute = (xs) => xs.length <= 1 ? [xs] : xs.flatMap((x, i) => permute([...xs.slice(0, i), ...xs.slice(i + 1)]).map(p => [x, ...p]));
console.log(permute([1, 2, 3]));
const range = (a, b, s = 1) => Array.from({ length: Math.ceil((b - a) / s) }, (_, i) => a + i * s);
console.log(range(0, 10, 3), range(1, 4));
