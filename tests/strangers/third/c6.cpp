#include <iostream>
#include <vector>
#include <algorithm>
using namespace std;

const int N = 5;
int grid[N][N];
bool used[N + 1] = {false};

int count_paths(int r, int c) {
    if (r == N - 1 && c == N - 1) return 1;
    int total = 0;
    if (r + 1 < N) total += count_paths(r + 1, c);
    if (c + 1 < N) total += count_paths(r, c + 1);
    return total;
}

void fill(int g[N][N]) {
    for (int i = 0; i < N; i++)
        for (int j = 0; j < N; j++)
            g[i][j] = i * j;
}

int main()
{
    fill(grid);
    cout << grid[3][4] << " " << count_paths(0, 0) << endl;
    vector<vector<char>> board(3, vector<char>(3, '.'));
    board[1][1] = 'X';
    for (auto &row : board) {
        for (auto cell : row) cout << cell;
        cout << '\n';
    }
    vector<int> v{4, 2, 8};
    v.erase(v.begin() + 1);
    v.insert(v.begin(), 7);
    reverse(v.begin(), v.end());
    for (unsigned i = 0; i < v.size(); i++) cout << v[i] << (i + 1 < v.size() ? ", " : "\n");
    auto it = find(v.begin(), v.end(), 8);
    if (it != v.end()) cout << "at " << it - v.begin() << endl;
    int x; 
    if (!(cin >> x)) cout << "no number" << endl;
    do x = 3; while (false);
    goto_free:
    cout << (used[2] ? 1 : 0) << endl;
    exit(3);
}
