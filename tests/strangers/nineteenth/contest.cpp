#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
#define FOR(i, a, b) for (int i = (a); i < (b); ++i)
#define pb push_back
const int MOD = 1e9 + 7;
const int MAXN = 1005;
ll power(ll b, ll e, ll m) { ll r = 1; b %= m; while (e > 0) { if (e & 1) r = r * b % m; b = b * b % m; e >>= 1; } return r; }
int gcd_(int a, int b) { return b ? gcd_(b, a % b) : a; }
bool sieve[MAXN];
int memo[50][50];
vector<int> adj[10];
bool seen[10];
void dfs(int u) { seen[u] = true; cout << u << ' '; for (int v : adj[u]) if (!seen[v]) dfs(v); }
int lcs(const string &a, const string &b) {
    int n = a.size(), m = b.size();
    vector<vector<int>> dp(n + 1, vector<int>(m + 1, 0));
    FOR(i, 1, n + 1) FOR(j, 1, m + 1) dp[i][j] = a[i - 1] == b[j - 1] ? dp[i - 1][j - 1] + 1 : max(dp[i - 1][j], dp[i][j - 1]);
    return dp[n][m];
}
struct Edge { int to, w; };
int main() {
    ios_base::sync_with_stdio(false); cin.tie(nullptr);
    int n; cin >> n;
    vector<int> a(n);
    for (auto &x : a) cin >> x;
    sort(a.begin(), a.end(), greater<int>());
    for (int x : a) cout << x << " \n"[x == a.back()];
    memset(sieve, true, sizeof(sieve));
    sieve[0] = sieve[1] = false;
    for (int i = 2; i * i < MAXN; i++) if (sieve[i]) for (int j = i * i; j < MAXN; j += i) sieve[j] = false;
    cout << count(sieve, sieve + MAXN, true) << endl;
    cout << power(2, 100, MOD) << " " << gcd_(84, 36) << " " << __gcd(12, 18) << endl;
    memset(memo, -1, sizeof memo);
    function<int(int, int)> paths = [&](int r, int c) -> int { if (r == 0 || c == 0) return 1; int &m = memo[r][c]; if (m != -1) return m; return m = (paths(r - 1, c) + paths(r, c - 1)) % MOD; };
    cout << paths(10, 10) << "\n";
    adj[0].pb(1); adj[0].pb(2); adj[1].pb(3); adj[2].pb(3); adj[3].pb(4);
    dfs(0); cout << endl;
    cout << lcs("AGGTAB", "GXTXAYB") << endl;
    priority_queue<pair<int, int>, vector<pair<int, int>>, greater<pair<int, int>>> pq;
    vector<vector<Edge>> g(4); g[0].push_back({1, 4}); g[0].push_back({2, 1}); g[2].push_back({1, 2}); g[1].push_back({3, 5});
    vector<int> dist(4, INT_MAX); dist[0] = 0; pq.push({0, 0});
    while (!pq.empty()) { auto [d, u] = pq.top(); pq.pop(); if (d > dist[u]) continue; for (auto [v, w] : g[u]) if (dist[u] + w < dist[v]) { dist[v] = dist[u] + w; pq.push({dist[v], v}); } }
    for (int d : dist) cout << d << ' ';
    cout << endl;
    map<char, int> freq; for (char c : string("mississippi")) freq[c]++;
    for (auto &p : freq) cout << p.first << ":" << p.second << " ";
    cout << endl;
    set<int> s(a.begin(), a.end()); cout << *s.begin() << " " << *s.rbegin() << " " << s.count(5) << endl;
    auto it = lower_bound(a.rbegin(), a.rend(), 4); cout << (it != a.rend() ? *it : -1) << endl;
    string str = "hello world"; reverse(str.begin(), str.end()); transform(str.begin(), str.end(), str.begin(), ::toupper); cout << str << endl;
    stringstream ss("1,2,3"); string tok; int total = 0; while (getline(ss, tok, ',')) total += stoi(tok); cout << total << endl;
    bitset<8> bits(37); cout << bits << " " << bits.count() << endl;
    next_permutation(a.begin(), a.end()); for (int x : a) cout << x << ','; cout << endl;
    printf("%d %5.2f %s %c %05d %x\n", 42, 3.14159, "text", 'z', 42, 255);
    ll big = 1LL << 40; cout << big << " " << LLONG_MAX << " " << (int)'A' << " " << char('A' + 2) << endl;
    cout << (5 & 3) << (5 | 3) << (5 ^ 3) << (~5) << (1 << 3) << endl;
    unordered_map<string, vector<int>> groups; groups["odd"].pb(1); groups["odd"].pb(3); cout << groups["odd"].size() << groups.count("even") << endl;
    tuple<int, string, double> t{1, "two", 3.5}; cout << get<1>(t) << get<2>(t) << endl; auto [x, y, z] = t; cout << x << y << z << endl;
    int arr[] = {5, 2, 8}; int len = sizeof(arr) / sizeof(arr[0]); sort(arr, arr + len); cout << arr[0] << *max_element(arr, arr + len) << endl;
    int *p = arr; *(p + 1) = 9; cout << *p << p[1] << arr[1] << endl;
    return 0;
}
