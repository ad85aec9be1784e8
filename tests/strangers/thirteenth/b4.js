// Tic tac toe with a fixed list of moves
const EMPTY = ' ';
let board = Array(9).fill(EMPTY);
const lines = [[0,1,2],[3,4,5],[6,7,8],[0,3,6],[1,4,7],[2,5,8],[0,4,8],[2,4,6]];

function show() {
  for (let r = 0; r < 3; r++) {
    console.log(' ' + board.slice(r * 3, r * 3 + 3).join(' | '));
    if (r < 2) console.log('---+---+---');
  }
  console.log();
}

function winner(b) {
  for (const [x, y, z] of lines)
    if (b[x] !== EMPTY && b[x] === b[y] && b[y] === b[z]) return b[x];
  return b.includes(EMPTY) ? null : 'draw';
}

function play(moves) {
  board = board.map(() => EMPTY);
  let turn = 'X';
  for (const m of moves) {
    if (m < 0 || m > 8 || board[m] !== EMPTY) {
      console.log(`Bad move ${m}`);
      continue;
    }
    board[m] = turn;
    const w = winner(board);
    if (w) { show(); return w; }
    turn = turn === 'X' ? 'O' : 'X';
  }
  show();
  return undefined;
}

console.log(play([4, 0, 2, 6, 3, 5, 1, 7, 8]));
console.log(play([0, 0, 4, 1, 9, 8, 2]));
console.log(play([0, 3, 1, 4, 2]));
function minimax(b, p) {
  const w = winner(b);
  if (w === 'X') return 1; if (w === 'O') return -1; if (w === 'draw') return 0;
  const scores = [];
  for (let i = 0; i < 9; i++) {
    if (b[i] !== EMPTY) continue;
    const c = b.slice(); c[i] = p;
    scores.push(minimax(c, p === 'X' ? 'O' : 'X'));
  }
  return p === 'X' ? Math.max(...scores) : Math.min(...scores);
}
console.log(minimax(['X', 'O', 'X', ' ', 'O', ' ', ' ', ' ', ' '], 'X'));
