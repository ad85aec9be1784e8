let board = Array.from({ length: 3 }, () => Array(3).fill(' '));
const wins = [[0,1,2],[3,4,5],[6,7,8],[0,3,6],[1,4,7],[2,5,8],[0,4,8],[2,4,6]];
function winner() {
  const cells = board.flat();
  for (const [a, b, c] of wins) {
    if (cells[a] !== ' ' && cells[a] === cells[b] && cells[b] === cells[c]) return cells[a];
  }
  return cells.includes(' ') ? null : 'draw';
}
const moves = [[0, 0], [1, 1], [0, 1], [2, 2], [0, 2]];
let player = 'X';
for (const [r, c] of moves) {
  if (board[r][c] !== ' ') { console.log('taken'); continue; }
  board[r][c] = player;
  player = player === 'X' ? 'O' : 'X';
  console.log(board.map(row => row.join('|')).join('\n-+-+-\n') + '\n');
  const w = winner();
  if (w) { console.log(w === 'draw' ? 'A draw' : `${w} wins`); break; }
}
