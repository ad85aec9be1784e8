#include <iostream>
#include <cstdlib>
#include <ctime>
#include <string>
using namespace std;

const int ROWS = 4;
const int COLS = 6;

void fillGrid(char grid[ROWS][COLS], char c) {
    for (int r = 0; r < ROWS; r++)
        for (int k = 0; k < COLS; k++)
            grid[r][k] = c;
}

void show(const char grid[][COLS]) {
    cout << "  ";
    for (int k = 0; k < COLS; k++) cout << char('A' + k);
    cout << endl;
    for (int r = 0; r < ROWS; r++) {
        cout << r + 1 << " ";
        for (int k = 0; k < COLS; k++) cout << grid[r][k];
        cout << endl;
    }
}

int neighbours(char grid[ROWS][COLS], int row, int col) {
    int count = 0;
    for (int dr = -1; dr <= 1; dr++) {
        for (int dc = -1; dc <= 1; dc++) {
            if (dr == 0 && dc == 0) continue;
            int r = row + dr, c = col + dc;
            if (r >= 0 && r < ROWS && c >= 0 && c < COLS && grid[r][c] == '*') count++;
        }
    }
    return count;
}

int main() {
    char garden[ROWS][COLS];
    fillGrid(garden, '.');
    unsigned int state = 7;
    int planted = 0;
    while (planted < 6) {
        state = state * 1103515245 + 12345;
        int r = (state / 65536) % ROWS;
        state = state * 1103515245 + 12345;
        int c = (state / 65536) % COLS;
        if (garden[r][c] != '*') {
            garden[r][c] = '*';
            planted++;
        }
    }
    show(garden);
    int counts[ROWS][COLS] = {};
    int most = -1, bestRow, bestCol;
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++) {
            counts[r][c] = neighbours(garden, r, c);
            if (counts[r][c] > most) { most = counts[r][c]; bestRow = r; bestCol = c; }
        }
    for (auto& row : counts) {
        for (int v : row) cout << v << ' ';
        cout << '\n';
    }
    cout << "Most neighbours: " << most << " at " << (char)('A' + bestCol) << bestRow + 1 << endl;
    string guess;
    while (cin >> guess) {
        if (guess.length() != 2 || !isalpha(guess[0]) || !isdigit(guess[1])) {
            cerr << "Type a letter and a number" << endl;
            continue;
        }
        int c = toupper(guess[0]) - 'A';
        int r = guess[1] - '1';
        if (c >= COLS || r < 0 || r >= ROWS) { cout << guess << " is outside" << endl; continue; }
        cout << guess << (garden[r][c] == '*' ? ": a plant" : ": nothing") << ", " << counts[r][c] << " around" << endl;
    }
}
