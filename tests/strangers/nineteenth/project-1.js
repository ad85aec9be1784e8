// Tic-tac-toe with minimax and a simple AI
const EMPTY = ' ';
class Board {
  constructor(cells = Array(9).fill(EMPTY)) {
    this.cells = cells;
  }
  static LINES = [[0, 1, 2], [3, 4, 5], [6, 7, 8], [0, 3, 6], [1, 4, 7], [2, 5, 8], [0, 4, 8], [2, 4, 6]];
  play(i, who) {
    if (this.cells[i] !== EMPTY) throw new Error(`Cell ${i} is taken`);
    const next = this.cells.slice();
    next[i] = who;
    return new Board(next);
  }
  get winner() {
    for (const [a, b, c] of Board.LINES) {
      if (this.cells[a] !== EMPTY && this.cells[a] === this.cells[b] && this.cells[b] === this.cells[c]) return this.cells[a];
    }
    return null;
  }
  get free() { return this.cells.map((c, i) => (c === EMPTY ? i : -1)).filter(i => i >= 0); }
  get isOver() { return this.winner !== null || this.free.length === 0; }
  toString() {
    const rows = [];
    for (let r = 0; r < 3; r++) rows.push(this.cells.slice(r * 3, r * 3 + 3).join('|'));
    return rows.join('\n-+-+-\n');
  }
}
let nodes = 0;
function minimax(board, who, me) {
  nodes++;
  if (board.winner) return { score: board.winner === me ? 1 : -1 };
  if (board.free.length === 0) return { score: 0 };
  let best = null;
  for (const move of board.free) {
    const { score } = minimax(board.play(move, who), who === 'X' ? 'O' : 'X', me);
    if (best === null || (who === me ? score > best.score : score < best.score)) best = { score, move };
  }
  return best;
}
let board = new Board(['X', 'O', 'X', ' ', 'O', ' ', ' ', ' ', ' ']);
let turn = 'X';
while (!board.isOver) {
  const { move } = minimax(board, turn, turn);
  board = board.play(move, turn);
  console.log(`${turn} plays ${move}`);
  turn = turn === 'X' ? 'O' : 'X';
}
console.log(String(board));
console.log(board.winner ?? 'draw', nodes);
try { board.play(0, 'X'); } catch ({ name, message }) { console.log(name + ': ' + message); }
