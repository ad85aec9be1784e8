#include <iostream>
#include <vector>
#include <queue>
#include <utility>
using namespace std;

int rows, cols;
vector<string> maze;
const int dr[] = {-1, 1, 0, 0}, dc[] = {0, 0, -1, 1};

int bfs(pair<int,int> start, pair<int,int> goal, vector<pair<int,int>>& path) {
    vector<vector<int>> dist(rows, vector<int>(cols, -1));
    vector<vector<pair<int,int>>> from(rows, vector<pair<int,int>>(cols));
    queue<pair<int,int>> q;
    q.push(start);
    dist[start.first][start.second] = 0;
    while (!q.empty()) {
        pair<int,int> cur = q.front();
        q.pop();
        if (cur == goal) break;
        for (int d = 0; d < 4; d++) {
            int r = cur.first + dr[d], c = cur.second + dc[d];
            if (r < 0 || c < 0 || r >= rows || c >= cols) continue;
            if (maze[r][c] == '#' || dist[r][c] != -1) continue;
            dist[r][c] = dist[cur.first][cur.second] + 1;
            from[r][c] = cur;
            q.push(make_pair(r, c));
        }
    }
    if (dist[goal.first][goal.second] < 0) return -1;
    for (auto at = goal; at != start; at = from[at.first][at.second]) path.insert(path.begin(), at);
    return dist[goal.first][goal.second];
}

int main() {
    cin >> rows >> cols;
    cin.ignore();
    pair<int,int> s, g;
    for (int i = 0; i < rows; i++) {
        string line;
        getline(cin, line);
        maze.push_back(line);
        if (line.find('S') != string::npos) s = {i, (int)line.find('S')};
        size_t pos = line.find('G');
        if (pos != string::npos) g = make_pair(i, static_cast<int>(pos));
    }
    vector<pair<int,int>> path;
    int steps = bfs(s, g, path);
    if (steps == -1) cout << "no way" << endl;
    else {
        cout << steps << " steps" << endl;
        for (auto& p : path) if (maze[p.first][p.second] == ' ') maze[p.first][p.second] = '*';
        for (const string& m : maze) cout << m << endl;
    }
    return 0;
}
