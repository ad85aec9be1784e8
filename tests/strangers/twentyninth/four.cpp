#include <iostream>
#include <string>
#include <vector>
#include <ctime>
#include <cstdlib>
using namespace std;

const int ROWS = 6, COLS = 7;
char board[ROWS][COLS];

void init() {
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            board[r][c] = '.';
}

void display() {
    for (int c = 0; c < COLS; c++) cout << c + 1 << " ";
    cout << endl;
    for (int r = 0; r < ROWS; r++) {
        for (int c = 0; c < COLS; c++) cout << board[r][c] << ' ';
        cout << endl;
    }
}

bool drop(int col, char who) {
    if (col < 1 || col > COLS) return false;
    for (int r = ROWS - 1; r >= 0; r--) {
        if (board[r][col - 1] == '.') {
            board[r][col - 1] = who;
            return true;
        }
    }
    return false;
}

bool wins(char who) {
    int dirs[4][2] = {{0, 1}, {1, 0}, {1, 1}, {1, -1}};
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            for (int d = 0; d < 4; d++) {
                int k = 0;
                for (; k < 4; k++) {
                    int rr = r + dirs[d][0] * k, cc = c + dirs[d][1] * k;
                    if (rr < 0 || rr >= ROWS || cc < 0 || cc >= COLS || board[rr][cc] != who) break;
                }
                if (k == 4) return true;
            }
    return false;
}

int main() {
    init();
    int moves = 0, col;
    char player = 'X';
    while (cin >> col) {
        if (!drop(col, player)) {
            cout << "Column " << col << " is not possible." << endl;
            continue;
        }
        moves++;
        if (wins(player)) {
            display();
            cout << player << " wins after " << moves << " moves!" << endl;
            return 0;
        }
        player = (player == 'X') ? 'O' : 'X';
    }
    display();
    cout << "No winner, next is " << player << endl;
    return 1;
}
