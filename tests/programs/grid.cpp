#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<vector<int>> grid(3, vector<int>(4, 0));
    for (int row = 0; row < 3; row++)
        for (int column = 0; column < 4; column++)
            grid[row][column] = row * 10 + column;
    grid[1][2] = -1;
    for (const auto& line : grid) {
        for (int cell : line) cout << cell << "\t";
        cout << "\n";
    }
    vector<vector<char>> plot(2, vector<char>(3, '.'));
    plot[0][1] = '#';
    for (auto& line : plot) {
        for (char cell : line) cout << cell;
        cout << endl;
    }
    cout << grid.size() << " x " << grid[0].size() << endl;
}
