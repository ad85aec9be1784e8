#include <iostream>
#include <vector>
#include <string>
#include <utility>
#include <set>
#include <algorithm>
#include <climits>
using namespace std;
class Maze {
    vector<string> g;
    pair<int,int> s, e;
    vector<vector<int>> best;
    int calls = 0;
    bool inside(int r, int c) const { return r >= 0 && c >= 0 && r < (int)g.size() && c < (int)g[r].size(); }
    bool walk(int r, int c, vector<pair<int,int>>& path) {
        calls++;
        if (!inside(r, c) || g[r][c] == '#' || g[r][c] == '+') return false;
        path.emplace_back(r, c);
        if (make_pair(r, c) == e) return true;
        char was = g[r][c];
        g[r][c] = '+';
        static const int d[4][2] = {{0, 1}, {1, 0}, {0, -1}, {-1, 0}};
        for (auto& [dr, dc] : d) if (walk(r + dr, c + dc, path)) { g[r][c] = was; return true; }
        g[r][c] = was;
        path.pop_back();
        return false;
    }
    void flood(int r, int c, int n) {
        if (!inside(r, c) || g[r][c] == '#' || best[r][c] <= n) return;
        best[r][c] = n;
        flood(r + 1, c, n + 1); flood(r - 1, c, n + 1); flood(r, c + 1, n + 1); flood(r, c - 1, n + 1);
    }
public:
    explicit Maze(vector<string> rows) : g(move(rows)) {
        for (size_t r = 0; r < g.size(); r++)
            for (size_t c = 0; c < g[r].length(); c++) {
                if (g[r][c] == 'S') s = {r, c};
                else if (g[r][c] == 'E') e = {r, c};
            }
        best.assign(g.size(), vector<int>(g[0].size(), INT_MAX));
    }
    vector<pair<int,int>> solve() { vector<pair<int,int>> p; calls = 0; if (!walk(s.first, s.second, p)) p.clear(); return p; }
    int shortest() { flood(s.first, s.second, 0); int b = best[e.first][e.second]; return b == INT_MAX ? -1 : b; }
    int count() const { return calls; }
    void draw(const vector<pair<int,int>>& p) const {
        auto copy = g;
        for (size_t i = 1; i + 1 < p.size(); i++) copy[p[i].first][p[i].second] = '*';
        for (const auto& row : copy) cout << row << "\n";
    }
};
int main() {
    Maze m({"S.#.", "...#", "#.#.", "...E"});
    auto p = m.solve();
    cout << p.size() << " " << m.shortest() << " " << m.count() << "\n";
    m.draw(p);
    for (auto [r, c] : p) cout << "(" << r << "," << c << ")";
    cout << "\n";
    set<pair<int,int>> unique(p.begin(), p.end());
    cout << unique.size() << " " << (unique.begin()->first + unique.rbegin()->second) << "\n";
    Maze shut({"S#E"});
    cout << shut.solve().size() << " " << shut.shortest() << endl;
}
