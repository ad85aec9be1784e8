const LINES = [[0,1,2],[3,4,5],[6,7,8],[0,3,6],[1,4,7],[2,5,8],[0,4,8],[2,4,6]];
let board = Array(9).fill(null);
let player = 'X';

function winner(b) {
  for (const [a, c, d] of LINES) {
    if (b[a] && b[a] === b[c] && b[a] === b[d]) return b[a];
  }
  return b.every(Boolean) ? 'draw' : null;
}

function minimax(b, who) {
  const w = winner(b);
  if (w === 'X') return { score: 1 };
  if (w === 'O') return { score: -1 };
  if (w === 'draw') return { score: 0 };
  let best = { score: who === 'X' ? -Infinity : Infinity, move: -1 };
  b.forEach((cell, i) => {
    if (cell) return;
    b[i] = who;
    const { score } = minimax(b, who === 'X' ? 'O' : 'X');
    b[i] = null;
    if (who === 'X' ? score > best.score : score < best.score) best = { score, move: i };
  });
  return best;
}

function draw(b) {
  const rows = [];
  for (let r = 0; r < 3; r++) {
    rows.push(b.slice(r * 3, r * 3 + 3).map((c, i) => c ?? r * 3 + i).join(' | '));
  }
  console.log(rows.join('\n--+---+--\n') + '\n');
}

[4, 0, 8].forEach(m => {
  board[m] = player;
  player = player === 'X' ? 'O' : 'X';
});
draw(board);
while (!winner(board)) {
  const { move, score } = minimax(board, player);
  console.log(`${player} plays ${move} (${score})`);
  board[move] = player;
  player = { X: 'O', O: 'X' }[player];
}
draw(board);
console.log('Result:', winner(board));
