#include <iostream>
#include <vector>
#include <string>
using namespace std;
using Grid = vector<vector<bool>>;
typedef pair<int, int> Cell;
int neighbours(const Grid &g, int r, int c) {
    int n = 0;
    for (int dr = -1; dr <= 1; ++dr)
        for (int dc = -1; dc <= 1; ++dc) {
            if (!dr && !dc) continue;
            int rr = r + dr, cc = c + dc;
            if (rr >= 0 && rr < (int)g.size() && cc >= 0 && cc < (int)g[0].size()) n += g[rr][cc];
        }
    return n;
}
Grid step(const Grid &g) {
    Grid next(g.size(), vector<bool>(g[0].size(), false));
    for (size_t r = 0; r < g.size(); ++r)
        for (size_t c = 0; c < g[r].size(); ++c) {
            int n = neighbours(g, r, c);
            next[r][c] = n == 3 || (g[r][c] && n == 2);
        }
    return next;
}
int main() {
    vector<string> start = {".....", "..#..", "..#..", "..#..", "....."};
    Grid g(5, vector<bool>(5));
    vector<Cell> alive;
    for (int r = 0; r < 5; r++)
        for (int c = 0; c < 5; c++)
            if (start[r][c] == '#') { g[r][c] = true; alive.push_back({r, c}); }
    for (auto [r, c] : alive) cout << "(" << r << "," << c << ")";
    cout << "\n";
    for (int gen = 0; gen < 2; gen++) {
        for (const auto &row : g) {
            for (bool b : row) cout << (b ? '#' : '.');
            cout << '\n';
        }
        cout << "---\n";
        g = step(g);
    }
    int board[3][3] = {{1, 2, 3}, {4, 5, 6}, {7, 8, 9}}, diag = 0;
    for (int i = 0; i < 3; i++) diag += board[i][i] * board[i][2 - i];
    cout << diag << " " << sizeof(board) / sizeof(board[0]) << endl;
}
