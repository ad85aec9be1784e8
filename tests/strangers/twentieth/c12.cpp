#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int, int> pii;
#define all(x) (x).begin(), (x).end()
const int INF = 1e9;

int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    int n, m;
    cin >> n >> m;
    vector<vector<pii>> adj(n + 1);
    for (int i = 0; i < m; i++) {
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
        auto [d, u] = pq.top();
        pq.pop();
        if (d > dist[u]) continue;
        for (auto [v, w] : adj[u]) {
            if (d + w < dist[v]) {
                dist[v] = d + w;
                pq.push({dist[v], v});
            }
        }
    }
    for (int i = 1; i <= n; i++) cout << (dist[i] == INF ? -1 : dist[i]) << " \n"[i == n];
    vector<bool> seen(n + 1, false);
    queue<int> q;
    q.push(1);
    seen[1] = true;
    int reached = 0;
    while (q.size()) {
        int u = q.front();
        q.pop();
        reached++;
        for (auto& e : adj[u]) {
            if (!seen[e.first]) {
                seen[e.first] = true;
                q.push(e.first);
            }
        }
    }
    cout << "reached " << reached << endl;
    vector<ll> dp(51, 0);
    dp[0] = dp[1] = 1;
    for (int i = 2; i <= 50; i++) dp[i] = (dp[i - 1] + dp[i - 2]) % 1000000007;
    cout << dp[50] << endl;
    string a = "garden", b = "danger";
    vector<vector<int>> lcs(a.size() + 1, vector<int>(b.size() + 1));
    for (size_t i = 1; i <= a.size(); i++)
        for (size_t j = 1; j <= b.size(); j++)
            lcs[i][j] = a[i - 1] == b[j - 1] ? lcs[i - 1][j - 1] + 1 : max(lcs[i - 1][j], lcs[i][j - 1]);
    cout << lcs[a.size()][b.size()] << endl;
    vector<int> v{5, 3, 9, 3};
    sort(all(v));
    v.erase(unique(all(v)), v.end());
    for (auto x : v) cout << x << ' ';
    cout << lower_bound(all(v), 5) - v.begin() << '\n';
    function<void(int, int)> hanoi = [&](int k, int from) {
        if (k == 0) return;
        hanoi(k - 1, from ^ 1);
        reached++;
        hanoi(k - 1, from);
    };
    hanoi(4, 0);
    cout << reached << '\n';
    int x = 0b1011, h = 0xFF;
    cout << __builtin_popcount(x) << " " << h << " " << hex << h << dec << " " << (x >> 1) << endl;
    sort(a.begin(), a.end());
    do { if (a < "aed") cout << a << ' '; } while (next_permutation(a.begin(), a.begin() + 2));
    cout << endl;
}
