#include <iostream>
#include <fstream>
#include <string>
#include <vector>
using namespace std;
const int ROWS = 5, COLS = 7;
char board[ROWS][COLS];
void clear() { for (int r = 0; r < ROWS; r++) for (int c = 0; c < COLS; c++) board[r][c] = '.'; }
void show() {
    for (int r = 0; r < ROWS; r++) {
        for (int c = 0; c < COLS; c++) cout << board[r][c];
        cout << endl;
    }
}
bool drop(int col, char who) {
    if (col < 0 || col >= COLS) return false;
    for (int r = ROWS - 1; r >= 0; r--)
        if (board[r][col] == '.') { board[r][col] = who; return true; }
    return false;
}
bool wins(char who) {
    const int dr[] = {0, 1, 1, 1}, dc[] = {1, 0, 1, -1};
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            for (int d = 0; d < 4; d++) {
                int k = 0, rr = r, cc = c;
                while (k < 4 && rr >= 0 && rr < ROWS && cc >= 0 && cc < COLS && board[rr][cc] == who) { k++; rr += dr[d]; cc += dc[d]; }
                if (k == 4) return true;
            }
    return false;
}
int main() {
    clear();
    char player = 'x';
    int col, turn = 0;
    while (true) {
        cout << player << ": ";
        if (!(cin >> col)) {
            if (cin.eof()) { cout << "end" << endl; break; }
            cin.clear();
            string junk;
            cin >> junk;
            cout << "not a number: " << junk << endl;
            continue;
        }
        if (!drop(col - 1, player)) { cout << "cannot" << endl; continue; }
        ++turn;
        if (wins(player)) { cout << player << " wins after " << turn << endl; break; }
        player = (player == 'x') ? 'o' : 'x';
    }
    show();
    return 0;
}
