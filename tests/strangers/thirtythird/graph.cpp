#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int,int> pii;
#define FOR(i,a,b) for(int i=(a);i<(b);++i)
const int INF = 1e9;

int n, m;
vector<vector<pii>> adj;
vector<int> par;

int find(int x) { return par[x] == x ? x : par[x] = find(par[x]); }
bool unite(int a, int b) {
    a = find(a); b = find(b);
    if (a == b) return false;
    par[b] = a;
    return true;
}

vector<int> dijkstra(int s) {
    vector<int> dist(n, INF);
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    dist[s] = 0;
    pq.push({0, s});
    while (!pq.empty()) {
        auto [d, u] = pq.top(); pq.pop();
        if (d > dist[u]) continue;
        for (auto [v, w] : adj[u]) {
            if (dist[u] + w < dist[v]) {
                dist[v] = dist[u] + w;
                pq.emplace(dist[v], v);
            }
        }
    }
    return dist;
}

int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    cin >> n >> m;
    adj.resize(n);
    vector<tuple<int,int,int>> edges;
    FOR(i, 0, m) {
        int a, b, w;
        cin >> a >> b >> w;
        --a; --b;
        adj[a].push_back({b, w});
        adj[b].push_back({a, w});
        edges.emplace_back(w, a, b);
    }
    auto d = dijkstra(0);
    FOR(i, 0, n) cout << (d[i] == INF ? -1 : d[i]) << " \n"[i == n - 1];
    sort(edges.begin(), edges.end());
    par.resize(n);
    iota(par.begin(), par.end(), 0);
    ll total = 0;
    int used = 0;
    for (auto& [w, a, b] : edges) if (unite(a, b)) { total += w; used++; }
    cout << total << " " << used << "\n";
    vector<bool> seen(n);
    function<int(int)> dfs = [&](int u) {
        seen[u] = true;
        int size = 1;
        for (auto& e : adj[u]) if (!seen[e.first]) size += dfs(e.first);
        return size;
    };
    vector<int> sizes;
    FOR(i, 0, n) if (!seen[i]) sizes.push_back(dfs(i));
    for (int s : sizes) cout << s << ' ';
    cout << endl;
    queue<int> q;
    vector<int> level(n, -1);
    q.push(0); level[0] = 0;
    while (q.size()) {
        int u = q.front(); q.pop();
        for (auto& p : adj[u]) if (level[p.first] < 0) level[p.first] = level[u] + 1, q.push(p.first);
    }
    cout << *max_element(level.begin(), level.end()) << '\n';
}
