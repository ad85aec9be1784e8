var board = [[" ", " ", " "], [" ", " ", " "], [" ", " ", " "]];
function draw() {
    for (var r = 0; r < 3; r++) {
        console.log(board[r].join("|"));
        if (r < 2) console.log("-+-+-");
    }
}
function full() {
    return board.every(function (row) { return row.every(function (cell) { return cell !== " "; }); });
}
var moves = [4, 0, 8, 2, 6];
var turn = "X";
for (var m = 0; m < moves.length; m++) {
    var row = Math.floor(moves[m] / 3), col = moves[m] % 3;
    board[row][col] = turn;
    turn = turn === "X" ? "O" : "X";
}
draw();
console.log(full(), turn, board[0].indexOf("O"), board.map(r => r.filter(c => c === "X").length));
