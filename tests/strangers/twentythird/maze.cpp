#include <iostream>
#include <queue>
#include <stack>
#include <vector>
#include <string>
#include <utility>
#include <climits>
#include <tuple>
#include <unordered_set>
#include <array>
using namespace std;
typedef pair<int, int> Point;
const int DX[] = {0, 1, 0, -1}, DY[4] = {-1, 0, 1, 0};

int bfs(const vector<string>& m, Point from, Point to) {
    int h = m.size(), w = m[0].size();
    vector<vector<int>> dist(h, vector<int>(w, -1));
    queue<Point> q;
    q.push(from);
    dist[from.first][from.second] = 0;
    while (!q.empty()) {
        auto [y, x] = q.front(); q.pop();
        if (make_pair(y, x) == to) return dist[y][x];
        for (int d = 0; d < 4; d++) {
            int ny = y + DY[d], nx = x + DX[d];
            if (ny < 0 || nx < 0 || ny >= h || nx >= w || m[ny][nx] == '#' || dist[ny][nx] >= 0) continue;
            dist[ny][nx] = dist[y][x] + 1;
            q.push({ny, nx});
        }
    }
    return -1;
}

struct Edge { int to, cost; };

vector<int> dijkstra(const vector<vector<Edge>>& g, int s) {
    vector<int> best(g.size(), INT_MAX);
    priority_queue<pair<int,int>, vector<pair<int,int>>, greater<pair<int,int>>> pq;
    best[s] = 0;
    pq.push({0, s});
    while (!pq.empty()) {
        int d = pq.top().first, u = pq.top().second;
        pq.pop();
        if (d > best[u]) continue;
        for (const Edge& e : g[u])
            if (d + e.cost < best[e.to]) {
                best[e.to] = d + e.cost;
                pq.emplace(best[e.to], e.to);
            }
    }
    return best;
}

void dfs(const vector<vector<int>>& adj, int u, vector<bool>& seen, vector<int>& order) {
    seen[u] = true;
    for (int v : adj[u]) if (!seen[v]) dfs(adj, v, seen, order);
    order.push_back(u);
}

int knapsack(const vector<int>& weight, const vector<int>& value, int cap) {
    vector<int> dp(cap + 1, 0);
    for (int i = 0; i < (int)weight.size(); i++)
        for (int c = cap; c >= weight[i]; c--)
            dp[c] = max(dp[c], dp[c - weight[i]] + value[i]);
    return dp[cap];
}

int lcs(const string& a, const string& b) {
    int dp[50][50];
    for (int i = 0; i <= a.size(); i++)
        for (int j = 0; j <= b.size(); j++)
            if (!i || !j) dp[i][j] = 0;
            else dp[i][j] = a[i-1] == b[j-1] ? dp[i-1][j-1] + 1 : max(dp[i-1][j], dp[i][j-1]);
    return dp[a.length()][b.length()];
}

int main() {
    vector<string> m = {
        "S.#.....",
        ".##.###.",
        "....#...",
        "##.##.#.",
        "......#E"};
    cout << bfs(m, {0, 0}, Point(4, 7)) << " " << bfs(m, make_pair(0, 0), {0, 2}) << endl;
    vector<vector<Edge>> g(5);
    auto link = [&g](int a, int b, int c) { g[a].push_back({b, c}); g[b].push_back({a, c}); };
    link(0, 1, 4); link(0, 2, 1); link(2, 1, 2); link(1, 3, 5);
    auto best = dijkstra(g, 0);
    for (int i = 0; i < best.size(); i++) cout << i << ":" << (best[i] == INT_MAX ? "never" : to_string(best[i])) << (i + 1 < best.size() ? " " : "\n");
    vector<vector<int>> adj{{1, 2}, {3}, {3}, {4}, {}};
    vector<bool> seen(adj.size());
    vector<int> order;
    for (int i = 0; i < 5; ++i) if (!seen[i]) dfs(adj, i, seen, order);
    for (auto it = order.rbegin(); it != order.rend(); it++) cout << *it << ' ';
    cout << endl << knapsack({1, 3, 4, 5}, {1, 4, 5, 7}, 7) << " " << lcs("garden hedge", "green edges") << endl;
    stack<tuple<string, int, bool>> st;
    st.push(make_tuple("a", 1, true));
    st.emplace("b", 2, false);
    while (!st.empty()) {
        auto [n, v, ok] = st.top();
        cout << n << v << ok << get<1>(st.top()) << " ";
        st.pop();
    }
    array<int, 5> a = {5, 3, 1};
    unordered_set<int> u(a.begin(), a.end());
    cout << a.size() << u.size() << u.count(3) << (u.find(9) == u.end()) << endl;
    priority_queue<int> heap;
    for (int x : {3, 9, 4}) heap.push(x);
    for (; !heap.empty(); heap.pop()) cout << heap.top() << ",";
    int total = 0;
    for (auto [x, y] : vector<Point>{{1, 2}, {3, 4}}) total += x * y;
    cout << total << endl;
    deque<int> dq = {1, 2}; dq.push_front(0); dq.push_back(3); dq.pop_front();
    for (auto& x : dq) x *= 2;
    cout << dq.front() << dq.back() << dq[1] << endl;
    return 0;
}
