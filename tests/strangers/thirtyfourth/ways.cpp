#include <iostream>
#include <vector>
#include <queue>
#include <stack>
#include <map>
#include <utility>
#include <climits>

using Graph = std::map<char, std::vector<std::pair<char, int>>>;

std::map<char, int> dijkstra(const Graph& g, char start) {
    std::map<char, int> dist;
    for (const auto& entry : g) dist[entry.first] = INT_MAX;
    dist[start] = 0;
    std::priority_queue<std::pair<int, char>, std::vector<std::pair<int, char>>, std::greater<>> pq;
    pq.push({0, start});
    while (!pq.empty()) {
        auto [d, u] = pq.top();
        pq.pop();
        if (d > dist[u]) continue;
        for (const auto& [v, w] : g.at(u)) {
            if (d + w < dist[v]) {
                dist[v] = d + w;
                pq.push({dist[v], v});
            }
        }
    }
    return dist;
}

void dfs(const Graph& g, char u, std::map<char, bool>& seen) {
    seen[u] = true;
    std::cout << u << ' ';
    for (auto& e : g.at(u))
        if (!seen[e.first]) dfs(g, e.first, seen);
}

int main() {
    Graph g;
    auto add = [&g](char a, char b, int w) { g[a].push_back({b, w}); g[b].push_back({a, w}); };
    add('A', 'B', 4); add('A', 'C', 1); add('C', 'B', 2); add('B', 'D', 5); add('C', 'D', 8);
    g['E'];
    for (auto& [node, d] : dijkstra(g, 'A')) {
        std::cout << node << ": ";
        if (d == INT_MAX) std::cout << "unreachable"; else std::cout << d;
        std::cout << std::endl;
    }
    std::map<char, bool> seen;
    dfs(g, 'A', seen);
    std::cout << "\n";
    std::queue<int> q;
    std::stack<int> s;
    for (int i = 1; i <= 4; ++i) { q.push(i); s.push(i * i); }
    while (!q.empty() && !s.empty()) {
        std::cout << q.front() << "/" << s.top() << " ";
        q.pop(); s.pop();
    }
    std::cout << std::endl;
    std::vector<std::vector<int>> tri(5);
    for (int i = 0; i < 5; ++i) {
        tri[i].resize(i + 1, 1);
        for (int j = 1; j < i; ++j) tri[i][j] = tri[i - 1][j - 1] + tri[i - 1][j];
    }
    for (auto& row : tri) { for (int x : row) std::cout << x << " "; std::cout << "\n"; }
    return tri[4][2] == 6 ? 0 : 1;
}
