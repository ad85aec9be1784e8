function createBoard(rows, cols, mines) {
  const board = Array.from({ length: rows }, () => Array(cols).fill(0));
  for (const [r, c] of mines) {
    board[r][c] = "*";
    for (let dr = -1; dr <= 1; dr++) {
      for (let dc = -1; dc <= 1; dc++) {
        const nr = r + dr, nc = c + dc;
        if (nr < 0 || nc < 0 || nr >= rows || nc >= cols) continue;
        if (board[nr][nc] !== "*") board[nr][nc]++;
      }
    }
  }
  return board;
}

function reveal(board, shown, r, c) {
  if (!board[r] || board[r][c] === undefined || shown[r][c]) return 0;
  shown[r][c] = true;
  let count = 1;
  if (board[r][c] === 0) {
    for (const [dr, dc] of [[0, 1], [1, 0], [0, -1], [-1, 0]]) count += reveal(board, shown, r + dr, c + dc);
  }
  return count;
}

function draw(board, shown) {
  return board.map((row, r) => row.map((cell, c) => (shown[r][c] ? (cell === 0 ? "." : cell) : "#")).join(" ")).join("\n");
}

const mines = [[0, 3], [2, 1], [4, 4]];
const board = createBoard(5, 5, mines);
const shown = board.map((row) => row.map(() => false));
console.log(board.map((r) => r.join(" ")).join("\n"));
let total = 0;
outer: for (const [r, c] of [[0, 0], [4, 0], [2, 1], [1, 1]]) {
  switch (board[r][c]) {
    case "*":
      console.log("Boom at", r, c);
      break outer;
    case 0:
    default:
      total += reveal(board, shown, r, c);
      console.log(`revealed ${total}`);
  }
}
console.log(draw(board, shown));
console.log(shown.flat().filter(Boolean).length === total ? "all counted" : "wrong");
console.log(board.some((r) => r.includes(3)), board.every((r) => r.length === 5), board[0].findIndex((x) => x === "*"));
