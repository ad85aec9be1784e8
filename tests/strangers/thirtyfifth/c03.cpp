#include <iostream>
#include <cstdlib>
#include <ctime>
using namespace std;

const int SIZE = 8;
char field[SIZE][SIZE];

void clearField() {
    for (int r = 0; r < SIZE; r++)
        for (int c = 0; c < SIZE; c++)
            field[r][c] = '.';
}

void print() {
    cout << "  ";
    for (int c = 0; c < SIZE; c++) cout << c << " ";
    cout << "\n";
    for (int r = 0; r < SIZE; r++) {
        cout << (char)('A' + r) << " ";
        for (int c = 0; c < SIZE; c++) cout << field[r][c] << " ";
        cout << endl;
    }
}

bool place(int r, int c, int len, bool down) {
    if ((down ? r : c) + len > SIZE) return false;
    for (int k = 0; k < len; k++)
        if (field[r + (down ? k : 0)][c + (down ? 0 : k)] != '.') return false;
    for (int k = 0; k < len; k++)
        field[r + (down ? k : 0)][c + (down ? 0 : k)] = '0' + len;
    return true;
}

int main() {
    srand(time(NULL));
    clearField();
    cout << boolalpha << place(0, 0, 3, true) << ' ' << place(1, 0, 2, false) << ' ' << place(5, 6, 3, false) << ' ' << place(4, 3, 4, 0) << endl;
    print();
    int row, hits = 0; char letter;
    while (cin >> letter >> row) {
        int r = toupper(letter) - 'A';
        if (r < 0 || r >= SIZE || row < 0 || row >= SIZE) { cout << "Outside!" << endl; continue; }
        switch (field[r][row]) {
            case '.': cout << "miss\n"; field[r][row] = '~'; break;
            case '~': case 'x': cout << "again?\n"; break;
            default: cout << "hit " << field[r][row] << "\n"; field[r][row] = 'x'; ++hits;
        }
    }
    print();
    cout << "hits: " << hits << endl;
}
