#include <iostream>
using namespace std;

const int ROWS = 3, COLS = 3;
char board[ROWS][COLS];

void init() {
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            board[r][c] = ' ';
}

void draw() {
    for (int r = 0; r < ROWS; r++) {
        cout << " " << board[r][0] << " | " << board[r][1] << " | " << board[r][2] << "\n";
        if (r < ROWS - 1) cout << "---+---+---\n";
    }
}

bool wins(char p) {
    for (int i = 0; i < 3; i++) {
        if (board[i][0] == p && board[i][1] == p && board[i][2] == p) return true;
        if (board[0][i] == p && board[1][i] == p && board[2][i] == p) return true;
    }
    return (board[0][0] == p && board[1][1] == p && board[2][2] == p) ||
           (board[0][2] == p && board[1][1] == p && board[2][0] == p);
}

bool full() {
    for (auto& row : board)
        for (char c : row)
            if (c == ' ') return false;
    return true;
}

int main() {
    init();
    char player = 'X';
    int r, c;
    while (cin >> r >> c) {
        if (r < 0 || r >= ROWS || c < 0 || c >= COLS || board[r][c] != ' ') {
            cout << "Invalid move\n";
            continue;
        }
        board[r][c] = player;
        if (wins(player)) {
            draw();
            cout << player << " wins!\n";
            return 0;
        }
        if (full()) break;
        player = (player == 'X') ? 'O' : 'X';
    }
    draw();
    cout << "No winner" << endl;
    return 1;
}
