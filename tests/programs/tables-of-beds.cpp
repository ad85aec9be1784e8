#include <iostream>
#include <vector>
using namespace std;
int main() {
    vector<vector<int>> grid(3, vector<int>(4, 0));
    for (int r = 0; r < 3; r++)
        for (int c = 0; c < 4; c++)
            grid[r][c] = r * c;
    for (const auto& row : grid) {
        for (int cell : row) cout << cell << "\t";
        cout << "\n";
    }
    int table[3] = {1, 2, 3};
    table[1] += 5;
    int sum = 0;
    for (int i = 0; i < 3; i++) sum += table[i];
    cout << sum << endl;
    int square[2][2] = {{1, 2}, {3, 4}};
    cout << square[1][0] << endl;
    vector<string> names;
    names.push_back("a");
    cout << names[0] << names.size() << endl;
    return 0;
}
