#include <iostream>
#include <string>
using namespace std;

const int SIZE = 3;
char board[SIZE][SIZE];

void init() {
    for (int i = 0; i < SIZE; i++)
        for (int j = 0; j < SIZE; j++)
            board[i][j] = '1' + i * SIZE + j;
}

void draw() {
    for (int i = 0; i < SIZE; i++) {
        for (int j = 0; j < SIZE; j++) {
            cout << ' ' << board[i][j];
            if (j < SIZE - 1) cout << " |";
        }
        cout << endl;
        if (i < SIZE - 1) cout << "---+---+---" << endl;
    }
    cout << endl;
}

bool place(int cell, char mark) {
    int r = (cell - 1) / SIZE, c = (cell - 1) % SIZE;
    if (cell < 1 || cell > 9 || board[r][c] == 'X' || board[r][c] == 'O')
        return false;
    board[r][c] = mark;
    return true;
}

char winner() {
    for (int i = 0; i < SIZE; i++) {
        if (board[i][0] == board[i][1] && board[i][1] == board[i][2]) return board[i][0];
        if (board[0][i] == board[1][i] && board[1][i] == board[2][i]) return board[0][i];
    }
    if (board[0][0] == board[1][1] && board[1][1] == board[2][2]) return board[0][0];
    if (board[0][2] == board[1][1] && board[1][1] == board[2][0]) return board[0][2];
    return ' ';
}

int main() {
    init();
    draw();
    char player = 'X';
    int move, turns = 0;
    while (turns < 9 && winner() == ' ') {
        cout << "Player " << player << ": ";
        if (!(cin >> move)) break;
        if (!place(move, player)) {
            cout << "Invalid move" << endl;
            continue;
        }
        turns++;
        player = (player == 'X') ? 'O' : 'X';
    }
    cout << endl;
    draw();
    char w = winner();
    if (w == ' ') cout << "Draw" << endl;
    else cout << w << " wins after " << turns << " turns" << endl;
}
