#include <iostream>
using namespace std;

char board[3][3];
char player = 'X';

void init() {
    char c = '1';
    for (int i = 0; i < 3; i++)
        for (int j = 0; j < 3; j++)
            board[i][j] = c++;
}

void draw() {
    for (int i = 0; i < 3; i++) {
        cout << " " << board[i][0] << " | " << board[i][1] << " | " << board[i][2] << endl;
        if (i < 2) cout << "---+---+---" << endl;
    }
}

bool place(int n) {
    int r = (n - 1) / 3, c = (n - 1) % 3;
    if (n < 1 || n > 9 || board[r][c] == 'X' || board[r][c] == 'O') return false;
    board[r][c] = player;
    return true;
}

char winner() {
    for (int i = 0; i < 3; i++) {
        if (board[i][0] == board[i][1] && board[i][1] == board[i][2]) return board[i][0];
        if (board[0][i] == board[1][i] && board[1][i] == board[2][i]) return board[0][i];
    }
    if (board[0][0] == board[1][1] && board[1][1] == board[2][2]) return board[0][0];
    if (board[0][2] == board[1][1] && board[1][1] == board[2][0]) return board[0][2];
    return '-';
}

int main() {
    init();
    int n, moves = 0;
    draw();
    while (cin >> n) {
        if (!place(n)) {
            cout << "Not possible: " << n << endl;
            continue;
        }
        moves++;
        draw();
        char w = winner();
        if (w != '-') {
            cout << "Player " << w << " wins after " << moves << " moves" << endl;
            return 0;
        }
        if (moves == 9) {
            cout << "Draw" << endl;
            break;
        }
        player = (player == 'X') ? 'O' : 'X';
    }
    cout << "Over" << endl;
}
