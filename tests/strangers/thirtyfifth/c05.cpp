#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int, int> pii;
#define FOR(i, a, b) for (int i = (a); i < (b); ++i)
const int INF = 1e9;

int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    int n, m;
    cin >> n >> m;
    vector<vector<pii>> adj(n + 1);
    FOR(i, 0, m) {
        int a, b, w;
        cin >> a >> b >> w;
        adj[a].push_back({b, w});
        adj[b].emplace_back(a, w);
    }
    vector<int> dist(n + 1, INF);
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    dist[1] = 0;
    pq.push({0, 1});
    while (!pq.empty()) {
        auto [d, u] = pq.top(); pq.pop();
        if (d > dist[u]) continue;
        for (auto [v, w] : adj[u])
            if (dist[u] + w < dist[v]) {
                dist[v] = dist[u] + w;
                pq.push({dist[v], v});
            }
    }
    FOR(i, 1, n + 1) cout << i << ": " << (dist[i] == INF ? -1 : dist[i]) << "\n";
    ll total = accumulate(dist.begin() + 1, dist.end(), 0LL, [](ll s, int d) { return d == INF ? s : s + d; });
    cout << "sum " << total << "\n";
    vector<int> p(n); iota(p.begin(), p.end(), 1);
    sort(p.begin(), p.end(), [&](int a, int b) { return make_pair(dist[a], a) > make_pair(dist[b], b); });
    for (int x : p) cout << x << " \n"[x == p.back()];
    partial_sum(p.begin(), p.end(), p.begin());
    for (auto x : p) cout << x << ' ';
    cout << endl << __gcd(12, 18) << ' ' << lower_bound(p.begin(), p.end(), 5) - p.begin() << ' ' << bitset<8>(37) << endl;
}
