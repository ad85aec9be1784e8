#include <bits/stdc++.h>
using namespace std;

struct Edge { int to, weight; };
typedef pair<int, int> pii;

class Graph {
    int n;
    vector<vector<Edge>> adj;
public:
    Graph(int n) : n(n), adj(n) {}
    void addEdge(int u, int v, int w) { adj[u].push_back({v, w}); adj[v].push_back({u, w}); }
    vector<int> dijkstra(int src) const {
        vector<int> dist(n, INT_MAX);
        priority_queue<pii, vector<pii>, greater<pii>> pq;
        dist[src] = 0;
        pq.push({0, src});
        while (!pq.empty()) {
            auto [d, u] = pq.top(); pq.pop();
            if (d > dist[u]) continue;
            for (const auto& e : adj[u])
                if (dist[u] + e.weight < dist[e.to]) {
                    dist[e.to] = dist[u] + e.weight;
                    pq.push(make_pair(dist[e.to], e.to));
                }
        }
        return dist;
    }
    void dfs(int u, vector<bool>& seen, vector<int>& order) const {
        seen[u] = true;
        order.push_back(u);
        for (auto& e : adj[u]) if (!seen[e.to]) dfs(e.to, seen, order);
    }
    bool connected() const {
        vector<bool> seen(n);
        vector<int> order;
        dfs(0, seen, order);
        return (int)order.size() == n;
    }
};

long long power(long long b, int e, int mod) {
    long long r = 1;
    while (e) { if (e & 1) r = r * b % mod; b = b * b % mod; e >>= 1; }
    return r;
}

template <typename T>
T maxOf(const vector<T>& v) { T m = v[0]; for (const T& x : v) if (m < x) m = x; return m; }

int main() {
    Graph g(5);
    int edges[][3] = {{0, 1, 4}, {0, 2, 1}, {2, 1, 2}, {1, 3, 5}};
    for (auto& e : edges) g.addEdge(e[0], e[1], e[2]);
    auto d = g.dijkstra(0);
    for (int i = 0; i < 5; i++) {
        cout << i << ": ";
        if (d[i] == INT_MAX) cout << "unreachable"; else cout << d[i];
        cout << "\n";
    }
    cout << boolalpha << g.connected() << endl;
    cout << power(3, 200, 1000007) << " " << maxOf<string>({"pea", "zinnia", "bean"}) << " " << maxOf(vector<double>{1.5, 0.2}) << endl;
    map<string, vector<int>> idx;
    string s; stringstream ss("to be or not to be");
    for (int i = 0; ss >> s; ++i) idx[s].push_back(i);
    for (auto& [w, v] : idx) { cout << w << ":"; for (int i : v) cout << " " << i; cout << "; "; }
    cout << endl;
    vector<vector<int>> dp(4, vector<int>(5, 0));
    string a = "kale", b = "leak";
    int best = 0;
    vector<vector<int>> L(a.size() + 1, vector<int>(b.size() + 1));
    for (size_t i = 1; i <= a.size(); i++) for (size_t j = 1; j <= b.size(); j++) L[i][j] = a[i-1] == b[j-1] ? L[i-1][j-1] + 1 : max(L[i-1][j], L[i][j-1]);
    cout << L[a.size()][b.size()] << " " << dp[3][4] << best << endl;
    cout << setw(8) << left << "ab" << "|" << right << setw(6) << setfill('0') << 42 << "|" << hex << 255 << dec << " " << scientific << setprecision(3) << 12345.678 << endl;
    return 0;
}
