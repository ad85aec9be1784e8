#include <iostream>
#include <queue>
#include <set>
#include <string>
#include <utility>
#include <vector>
using namespace std;

using Cell = pair<int, int>;

int shortest(const vector<string>& maze, Cell from, Cell to) {
    const int dr[] = {-1, 0, 1, 0};
    const int dc[] = {0, 1, 0, -1};
    int rows = maze.size(), cols = maze[0].size();
    vector<vector<int>> dist(rows, vector<int>(cols, -1));
    queue<Cell> open;
    open.push(from);
    dist[from.first][from.second] = 0;
    while (!open.empty()) {
        auto [r, c] = open.front();
        open.pop();
        if (Cell(r, c) == to) return dist[r][c];
        for (int d = 0; d < 4; ++d) {
            int nr = r + dr[d], nc = c + dc[d];
            if (nr < 0 || nc < 0 || nr >= rows || nc >= cols) continue;
            if (maze[nr][nc] == '#' || dist[nr][nc] != -1) continue;
            dist[nr][nc] = dist[r][c] + 1;
            open.push({nr, nc});
        }
    }
    return -1;
}

int flood(vector<string>& maze, int r, int c) {
    if (r < 0 || c < 0 || r >= (int)maze.size() || c >= (int)maze[r].length() || maze[r][c] != '.') return 0;
    maze[r][c] = '~';
    return 1 + flood(maze, r + 1, c) + flood(maze, r - 1, c) + flood(maze, r, c + 1) + flood(maze, r, c - 1);
}

int main() {
    vector<string> maze{
        "S..#....",
        ".#.#.##.",
        ".#...#..",
        ".####.#.",
        "......#E",
    };
    Cell start, goal;
    for (size_t r = 0; r < maze.size(); r++)
        for (size_t c = 0; c < maze[r].size(); c++) {
            if (maze[r][c] == 'S') start = {r, c};
            else if (maze[r][c] == 'E') goal = make_pair(r, c);
        }
    cout << "from (" << start.first << "," << start.second << ") to (" << goal.first << "," << goal.second << "): "
         << shortest(maze, start, goal) << " steps\n";
    cout << "flooded " << flood(maze, 0, 1) << " cells\n";
    for (const string& line : maze) cout << line << "\n";
    set<char> signs;
    for (const auto& line : maze)
        for (char ch : line) signs.insert(ch);
    for (char ch : signs) cout << "[" << ch << "]";
    cout << endl;
    priority_queue<int, vector<int>, greater<int>> smallest;
    for (int n : {5, 2, 8, 1}) smallest.push(n);
    while (smallest.size()) {
        cout << smallest.top() << (smallest.size() > 1 ? " < " : "\n");
        smallest.pop();
    }
}
