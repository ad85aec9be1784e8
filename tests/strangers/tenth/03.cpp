#include <bits/stdc++.h>
using namespace std;
#define MAXN 1000
typedef long long ll;
typedef pair<int,int> pii;
int n, m;
vector<int> adj[MAXN];
bool visited[MAXN];
int dist_[MAXN];

void dfs(int u) {
    visited[u] = true;
    cout << u << " ";
    for (int v : adj[u]) if (!visited[v]) dfs(v);
}

int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    cin >> n >> m;
    for (int i = 0; i < m; i++) {
        int a, b;
        cin >> a >> b;
        adj[a].push_back(b);
        adj[b].push_back(a);
    }
    for (int i = 1; i <= n; i++) sort(adj[i].begin(), adj[i].end());
    int components = 0;
    for (int i = 1; i <= n; i++) {
        if (!visited[i]) { components++; dfs(i); cout << "\n"; }
    }
    cout << "components: " << components << "\n";
    memset(dist_, -1, sizeof(dist_));
    queue<int> q;
    q.push(1); dist_[1] = 0;
    while (!q.empty()) {
        int u = q.front(); q.pop();
        for (auto v : adj[u]) if (dist_[v] == -1) { dist_[v] = dist_[u] + 1; q.push(v); }
    }
    for (int i = 1; i <= n; i++) cout << dist_[i] << (i < n ? ' ' : '\n');
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    pq.push({5, 1}); pq.push({2, 7}); pq.push(make_pair(3, 3));
    while (!pq.empty()) { auto [w, v] = pq.top(); pq.pop(); cout << w << ":" << v << " "; }
    cout << "\n";
    ll f = 1; for (int i = 2; i <= 20; i++) f *= i;
    cout << f << "\n";
    return 0;
}
