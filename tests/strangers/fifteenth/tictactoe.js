const board = Array(9).fill(null);
const LINES = [
  [0, 1, 2], [3, 4, 5], [6, 7, 8],
  [0, 3, 6], [1, 4, 7], [2, 5, 8],
  [0, 4, 8], [2, 4, 6],
];

function winner(b) {
  for (const [x, y, z] of LINES) {
    if (b[x] && b[x] === b[y] && b[x] === b[z]) return b[x];
  }
  return b.every(cell => cell !== null) ? 'draw' : null;
}

function free(b) {
  return b.map((cell, i) => (cell === null ? i : -1)).filter(i => i >= 0);
}

let looked = 0;
function minimax(b, player, depth = 0) {
  looked++;
  const w = winner(b);
  if (w === 'X') return { score: 10 - depth };
  if (w === 'O') return { score: depth - 10 };
  if (w === 'draw') return { score: 0 };
  let best = { score: player === 'X' ? -Infinity : Infinity };
  for (const move of free(b)) {
    b[move] = player;
    const { score } = minimax(b, player === 'X' ? 'O' : 'X', depth + 1);
    b[move] = null;
    if (player === 'X' ? score > best.score : score < best.score) best = { score, move };
  }
  return best;
}

function draw(b) {
  let text = '';
  for (let row = 0; row < 3; row++) {
    text += b.slice(row * 3, row * 3 + 3).map(c => c ?? '.').join(' ') + '\n';
  }
  console.log(text);
}

board[4] = 'O';
board[0] = 'X';
board[8] = 'O';
let player = 'X';
while (!winner(board)) {
  const { move } = minimax(board, player);
  board[move] = player;
  draw(board);
  player = player === 'X' ? 'O' : 'X';
}
console.log('Result:', winner(board), 'after', looked, 'boards');
