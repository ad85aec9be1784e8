#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int,int> pii;
#define pb push_back
#define all(x) (x).begin(), (x).end()
const int INF = 1e9;
const int MAXN = 105;
vector<pii> adj[MAXN];
int dist_[MAXN];
bool vis[MAXN];
void dfs(int u, vector<int>& order) {
    vis[u] = true;
    for (auto& e : adj[u]) if (!vis[e.first]) dfs(e.first, order);
    order.pb(u);
}
int main() {
    ios_base::sync_with_stdio(false); cin.tie(NULL);
    int n, m; cin >> n >> m;
    for (int i = 0; i < m; i++) { int a, b, w; cin >> a >> b >> w; adj[a].pb({b, w}); adj[b].pb({a, w}); }
    fill(dist_, dist_ + MAXN, INF);
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    dist_[1] = 0; pq.push({0, 1});
    while (!pq.empty()) {
        auto [d, u] = pq.top(); pq.pop();
        if (d > dist_[u]) continue;
        for (auto [v, w] : adj[u]) if (d + w < dist_[v]) { dist_[v] = d + w; pq.push({dist_[v], v}); }
    }
    for (int i = 1; i <= n; i++) cout << i << ": " << (dist_[i] == INF ? -1 : dist_[i]) << "\n";
    vector<int> order; dfs(1, order); reverse(all(order));
    for (int x : order) cout << x << " "; cout << "\n";
    int comps = 0; memset(vis, 0, sizeof vis);
    for (int i = 1; i <= n; i++) if (!vis[i]) { vector<int> o; dfs(i, o); comps++; }
    cout << comps << " parts\n";
    vector<ll> dp(51, 0); dp[0] = 1;
    for (int c : {1, 2, 5, 10, 20, 50}) for (int v = c; v <= 50; v++) dp[v] += dp[v - c];
    cout << dp[50] << "\n";
    string a = "kitten", b = "sitting"; vector<vector<int>> e(a.size() + 1, vector<int>(b.size() + 1));
    for (size_t i = 0; i <= a.size(); i++) for (size_t j = 0; j <= b.size(); j++)
        if (!i || !j) e[i][j] = i + j; else e[i][j] = min({e[i-1][j] + 1, e[i][j-1] + 1, e[i-1][j-1] + (a[i-1] != b[j-1])});
    cout << e[a.size()][b.size()] << "\n";
    vector<int> v = {5, 2, 8, 2, 9, 1}; sort(all(v)); v.erase(unique(all(v)), v.end());
    cout << v.size() << " " << lower_bound(all(v), 5) - v.begin() << " " << binary_search(all(v), 8) << " " << *max_element(all(v)) << "\n";
    ll g = __gcd(84, 36), mod = 1e9 + 7, r = 1, base = 3; for (int k = 200; k; k >>= 1) { if (k & 1) r = r * base % mod; base = base * base % mod; }
    cout << g << " " << r << "\n";
    multiset<int> ms = {3, 1, 3}; ms.erase(ms.find(3)); ms.insert(2); for (int x : ms) cout << x << ","; cout << "\n";
    map<string, vector<int>> idx; idx["a"].pb(1); idx["b"].pb(2); idx["a"].pb(3); for (auto& [k, l] : idx) cout << k << l.size() << (k == "b" ? "\n" : " ");
}
