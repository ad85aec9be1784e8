#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
typedef pair<int,int> pii;
#define FOR(i,a,b) for(int i=(a);i<(b);++i)
const int MAXN = 105;
int dist_[MAXN][MAXN];
vector<int> adj[MAXN];
bool seen[MAXN];
int n, m;
void dfs(int u, int depth) {
    seen[u] = true;
    cout << string(depth * 2, ' ') << u << "\n";
    for (int v : adj[u]) if (!seen[v]) dfs(v, depth + 1);
}
ll gcd_(ll a, ll b) { return b ? gcd_(b, a % b) : a; }
int main() {
    ios::sync_with_stdio(false); cin.tie(nullptr);
    n = 5;
    vector<pii> edges = {{0,1},{1,2},{0,3},{3,4}};
    for (auto [a, b] : edges) { adj[a].push_back(b); adj[b].push_back(a); }
    dfs(0, 0);
    queue<int> q; q.push(0);
    vector<int> d(n, -1); d[0] = 0;
    while (!q.empty()) { int u = q.front(); q.pop(); for (int v : adj[u]) if (d[v] < 0) { d[v] = d[u] + 1; q.push(v); } }
    for (int i = 0; i < n; i++) cout << d[i] << " \n"[i == n - 1];
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    pq.push({3, 1}); pq.push({1, 2}); pq.push({2, 0});
    while (!pq.empty()) { auto [w, u] = pq.top(); pq.pop(); cout << w << ":" << u << " "; }
    cout << endl;
    sort(edges.begin(), edges.end(), [](const pii& a, const pii& b) { return a.second > b.second; });
    cout << edges[0].first << edges[0].second << "\n";
    set<string> s = {"b", "a", "c"};
    auto it = s.lower_bound("b");
    cout << *it << " " << *next(it) << " " << s.count("z") << "\n";
    unordered_map<string, vector<int>> idx;
    idx["x"].push_back(1); idx["x"].push_back(2);
    cout << idx["x"].size() << idx.size() << "\n";
    string t = "garden"; reverse(t.begin(), t.end()); cout << t << " " << t.substr(1, 3) << " " << t.find("ra") << "\n";
    bitset<8> bits(37); cout << bits << " " << bits.count() << "\n";
    printf("%5.2f|%-6s|%04d|%c\n", 3.14159, "ab", 42, 'z');
    cout << gcd_(48, 18) << " " << __gcd(7, 21) << " " << (1LL << 40) << " " << INT_MAX << "\n";
    ll big = 1; FOR(i, 1, 16) big *= i; cout << big << "\n";
    int a = 5, b = 7; swap(a, b); cout << a << b << " " << (a > b ? "gt" : "le") << "\n";
    char ch = 'a' + 2; cout << ch << int(ch) << (char)toupper(ch) << "\n";
    vector<vector<int>> g(2, vector<int>(3, 1)); g[1][2] = 9; for (auto& r : g) { for (int x : r) cout << x; cout << "\n"; }
    return 0;
}
