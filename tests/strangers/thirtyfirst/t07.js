// Tic-tac-toe with input
const readline = require("node:readline");
const rl = readline.createInterface({ input: process.stdin });
const board = Array(9).fill(" ");
let player = "X";
const wins = [[0,1,2],[3,4,5],[6,7,8],[0,3,6],[1,4,7],[2,5,8],[0,4,8],[2,4,6]];

function draw() {
  for (let r = 0; r < 3; r++) {
    console.log(board.slice(r * 3, r * 3 + 3).join("|"));
    if (r < 2) console.log("-+-+-");
  }
}
const winner = () => wins.some(([a, b, c]) => board[a] !== " " && board[a] === board[b] && board[b] === board[c]);

(async () => {
  for await (const line of rl) {
    const n = Number(line) - 1;
    if (Number.isNaN(n) || n < 0 || n > 8) {
      console.log("1 to 9, please");
      continue;
    }
    if (board[n] !== " ") {
      console.log("taken");
      continue;
    }
    board[n] = player;
    if (winner()) {
      draw();
      console.log(`${player} wins!`);
      rl.close();
      return;
    }
    if (!board.includes(" ")) {
      console.log("draw");
      break;
    }
    player = player === "X" ? "O" : "X";
  }
  draw();
})();
