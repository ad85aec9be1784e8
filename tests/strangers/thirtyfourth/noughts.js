/* noughts and crosses, played from a list of moves */
const SIZE = 3;
const newBoard = () => Array.from({ length: SIZE }, () => Array(SIZE).fill(' '));
function show(board) {
  console.log(board.map(row => ' ' + row.join(' | ')).join('\n---+---+---\n'));
}
function winner(b) {
  const lines = [];
  for (let i = 0; i < SIZE; i++) {
    lines.push(b[i]);
    lines.push(b.map(r => r[i]));
  }
  lines.push(b.map((r, i) => r[i]), b.map((r, i) => r[SIZE - 1 - i]));
  for (const line of lines) {
    if (line[0] !== ' ' && line.every(c => c === line[0])) return line[0];
  }
  return b.flat().includes(' ') ? null : 'draw';
}
function play(moves) {
  const board = newBoard();
  let player = 'X', result = null;
  for (const move of moves.split(' ')) {
    const col = move.charCodeAt(0) - 'a'.charCodeAt(0);
    const row = SIZE - Number(move[1]);
    if (board[row]?.[col] !== ' ') {
      console.log(`${player}: ${move} is not possible`);
      continue;
    }
    board[row][col] = player;
    result = winner(board);
    if (result) break;
    player = player === 'X' ? 'O' : 'X';
  }
  show(board);
  console.log(result === 'draw' ? 'A draw.' : result ? `${result} wins!` : 'Unfinished.');
  return result;
}
const results = ['b2 a1 a3 c1 c3 b3 b1', 'a1 a1 b2 d4 a2 c3 a3', 'a1 b1 c1 b2 a2 c2 b3 a3 c3'].map(play);
console.log(results);
const tally = {};
results.forEach(r => tally[r] = (tally[r] ?? 0) + 1);
console.log(tally);
