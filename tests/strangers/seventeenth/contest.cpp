#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef vector<int> vi;
typedef pair<int,int> pii;
#define FOR(i,a,b) for(int i=(a);i<(b);++i)
#define all(x) (x).begin(),(x).end()
const int MOD = 1e9+7;

ll power(ll b, ll e) {
    ll r = 1; b %= MOD;
    while (e > 0) { if (e & 1) r = r * b % MOD; b = b * b % MOD; e >>= 1; }
    return r;
}

int main() {
    ios_base::sync_with_stdio(false);
    cin.tie(NULL);
    int n, q;
    cin >> n >> q;
    vi a(n);
    FOR(i,0,n) cin >> a[i];
    vector<ll> pre(n+1, 0);
    FOR(i,0,n) pre[i+1] = pre[i] + a[i];
    while (q--) {
        int l, r;
        cin >> l >> r;
        cout << pre[r] - pre[l-1] << '\n';
    }
    sort(all(a));
    a.erase(unique(all(a)), a.end());
    for (auto x : a) cout << x << " ";
    cout << "\n" << (lower_bound(all(a), 4) - a.begin()) << endl;
    map<int, vi> g;
    vector<pii> edges = {{1,2},{2,3},{1,4},{4,5}};
    for (auto [u,v] : edges) { g[u].push_back(v); g[v].push_back(u); }
    vector<int> dist(6, -1);
    queue<int> todo; todo.push(1); dist[1] = 0;
    while (!todo.empty()) {
        int u = todo.front(); todo.pop();
        for (int v : g[u]) if (dist[v] < 0) { dist[v] = dist[u] + 1; todo.push(v); }
    }
    FOR(i,1,6) cout << dist[i] << " \n"[i == 5];
    cout << power(2, 100) << " " << accumulate(all(a), 0LL) << "\n";
    priority_queue<int, vector<int>, greater<int>> pq;
    for (int x : {5, 1, 8, 3}) pq.push(x);
    while (!pq.empty()) { cout << pq.top() << ' '; pq.pop(); }
    cout << endl;
    string s = "abcab";
    unordered_map<char, int> cnt;
    for (char c : s) cnt[c]++;
    int best = max_element(all(cnt), [](const auto& p, const auto& q) { return p.second < q.second || (p.second == q.second && p.first > q.first); })->second;
    cout << best << " " << __gcd(12, 18) << " " << __builtin_popcount(13) << endl;
    int mx = INT_MIN; for (int x : a) mx = max(mx, x);
    cout << mx << " " << *min_element(all(a)) << endl;
    reverse(all(s)); cout << s << " " << stoi("42") + 1 << " " << to_string(3.5) << endl;
}
