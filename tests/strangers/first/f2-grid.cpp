#include <iostream>
using namespace std;
const int SIZE = 5;
char grid[SIZE][SIZE];
void show() {
    for (int y = 0; y < SIZE; y++) {
        for (int x = 0; x < SIZE; x++) cout << grid[y][x];
        cout << '\n';
    }
}
int neighbours(int x, int y) {
    int n = 0;
    for (int dy = -1; dy <= 1; dy++)
        for (int dx = -1; dx <= 1; dx++) {
            if (dx == 0 && dy == 0) continue;
            int a = x + dx, b = y + dy;
            if (a < 0 || b < 0 || a >= SIZE || b >= SIZE) continue;
            n += grid[b][a] == '#';
        }
    return n;
}
int fill(int x, int y) {
    if (x < 0 || y < 0 || x >= SIZE || y >= SIZE || grid[y][x] != '.') return 0;
    grid[y][x] = 'o';
    return 1 + fill(x + 1, y) + fill(x - 1, y) + fill(x, y + 1) + fill(x, y - 1);
}
int main() {
    for (int y = 0; y < SIZE; y++)
        for (int x = 0; x < SIZE; x++) grid[y][x] = (x * y) % 3 == 0 ? '.' : '#';
    show();
    cout << neighbours(2, 2) << " " << neighbours(0, 0) << endl;
    cout << fill(0, 0) << endl;
    show();
}
