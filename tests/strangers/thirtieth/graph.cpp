#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int,int> pii;
#define pb push_back
#define all(x) (x).begin(), (x).end()
#define rep(i,n) for (int i = 0; i < (n); ++i)
const int INF = 1e9;

int n, m;
vector<pii> adj[100];
int dist_[100], par[100];

int find(int x) { return par[x] == x ? x : par[x] = find(par[x]); }

int main() {
    ios_base::sync_with_stdio(false);
    cin.tie(nullptr);
    cin >> n >> m;
    vector<array<int,3>> edges;
    rep(i, m) {
        int a, b, w;
        cin >> a >> b >> w;
        --a, --b;
        adj[a].pb({b, w});
        adj[b].pb({a, w});
        edges.pb({w, a, b});
    }
    fill(dist_, dist_ + n, INF);
    priority_queue<pii, vector<pii>, greater<pii>> q;
    dist_[0] = 0;
    q.push({0, 0});
    while (!q.empty()) {
        auto [d, u] = q.top(); q.pop();
        if (d > dist_[u]) continue;
        for (auto [v, w] : adj[u]) {
            if (dist_[u] + w < dist_[v]) {
                dist_[v] = dist_[u] + w;
                q.push({dist_[v], v});
            }
        }
    }
    rep(i, n) cout << (dist_[i] == INF ? -1 : dist_[i]) << " \n"[i == n - 1];
    sort(all(edges));
    iota(par, par + n, 0);
    ll total = 0;
    for (auto& [w, a, b] : edges) {
        int x = find(a), y = find(b);
        if (x != y) { par[x] = y; total += w; cout << a + 1 << '-' << b + 1 << ' '; }
    }
    cout << "\ntotal " << total << "\n";
    vector<int> seen(n, 0), order;
    function<void(int)> dfs = [&](int u) {
        seen[u] = 1;
        order.pb(u);
        for (auto& e : adj[u]) if (!seen[e.first]) dfs(e.first);
    };
    dfs(0);
    for (int v : order) cout << v + 1 << ' ';
    cout << '\n';
    vector<ll> dp(11); dp[0] = 1;
    for (int c : {1, 2, 5}) for (int s = c; s <= 10; ++s) dp[s] += dp[s - c];
    cout << dp[10] << '\n';
    string s = "gardens"; sort(all(s)); s.erase(unique(all(s)), s.end()); reverse(all(s));
    cout << s << ' ' << count(all(s), 'a') << ' ' << lower_bound(all(order), 3) - order.begin() << '\n';
    map<string, vector<int>> idx; idx["a"].pb(1); idx["a"].pb(2); cout << idx["a"].size() << idx.count("b") << '\n';
    cout << __gcd(12, 18) << ' ' << (1LL << 40) << ' ' << __builtin_popcount(255) << ' ' << INT_MAX << '\n';
    do cout << s.substr(0, 2) << ','; while (next_permutation(s.begin(), s.begin() + 2));
    cout << '\n';
    return 0;
}
