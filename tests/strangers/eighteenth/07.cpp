#include <iostream>
#include <string>
using namespace std;

const int ROWS = 4;
const int COLS = 5;

void draw(char field[ROWS][COLS]) {
    for (int r = 0; r < ROWS; r++) {
        for (int c = 0; c < COLS; c++) {
            cout << field[r][c] << ' ';
        }
        cout << endl;
    }
}

int countAround(char field[][COLS], int row, int col) {
    int count = 0;
    for (int r = row - 1; r <= row + 1; r++)
        for (int c = col - 1; c <= col + 1; c++)
            if (r >= 0 && r < ROWS && c >= 0 && c < COLS && field[r][c] == '*')
                count++;
    return count;
}

int main() {
    char field[ROWS][COLS];
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            field[r][c] = '.';
    int mines[3][2] = {{0, 1}, {2, 2}, {3, 4}};
    for (int i = 0; i < 3; i++) field[mines[i][0]][mines[i][1]] = '*';
    draw(field);
    cout << endl;
    for (int r = 0; r < ROWS; r++) {
        for (int c = 0; c < COLS; c++) {
            if (field[r][c] == '*') continue;
            int n = countAround(field, r, c);
            if (n > 0) field[r][c] = '0' + n;
        }
    }
    draw(field);
    string line = "row,col;3";
    int comma = line.find(','), semi = line.find(';');
    cout << line.substr(0, comma) << "|" << line.substr(comma + 1, semi - comma - 1) << "|" << line.substr(semi + 1) << endl;
    char name[] = "garden";
    name[0] = 'G';
    cout << name << " " << sizeof(name) << endl;
    int *ptr = new int[3];
    for (int i = 0; i < 3; i++) ptr[i] = i * 10;
    cout << ptr[0] + ptr[1] + ptr[2] << endl;
    delete[] ptr;
    int x = 5;
    int &alias = x;
    alias += 2;
    int *px = &x;
    *px *= 2;
    cout << x << " " << alias << " " << *px << endl;
    enum Day { MON, TUE, WED = 5, THU };
    Day d = THU;
    cout << d << " " << (d == THU ? "thursday" : "other") << endl;
    return 0;
}
