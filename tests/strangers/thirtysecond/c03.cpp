#include <bits/stdc++.h>
using namespace std;
#define FOR(i, n) for (int i = 0; i < (n); i++)
typedef long long ll;
typedef vector<int> vi;
typedef pair<int, int> pii;
const int MAXN = 105;
int grid[MAXN][MAXN], n, m;
bool seen[MAXN][MAXN];
int dx[] = {0, 0, 1, -1}, dy[4] = {1, -1, 0, 0};

int flood(int r, int c) {
    if (r < 0 || c < 0 || r >= n || c >= m || seen[r][c] || !grid[r][c]) return 0;
    seen[r][c] = true;
    int s = 1;
    FOR(k, 4) s += flood(r + dx[k], c + dy[k]);
    return s;
}

ll power(ll b, ll e, ll mod) {
    ll r = 1;
    while (e) { if (e & 1) r = r * b % mod; b = b * b % mod; e >>= 1; }
    return r;
}

int main() {
    ios::sync_with_stdio(false); cin.tie(0);
    cin >> n >> m;
    FOR(i, n) { string s; cin >> s; FOR(j, m) grid[i][j] = s[j] == '#'; }
    vi sizes;
    FOR(i, n) FOR(j, m) if (grid[i][j] && !seen[i][j]) sizes.push_back(flood(i, j));
    sort(sizes.rbegin(), sizes.rend());
    for (int s : sizes) cout << s << " \n"[s == sizes.back()];
    cout << power(3, 200, 1000000007LL) << "\n";
    priority_queue<pii, vector<pii>, greater<pii>> pq;
    FOR(i, 5) pq.push({(i * 7) % 5, i});
    while (!pq.empty()) { auto [a, b] = pq.top(); pq.pop(); cout << a << ":" << b << " "; }
    cout << "\n";
    map<string, vi> idx;
    string words[] = {"pea", "fig", "pea", "oak"};
    FOR(i, 4) idx[words[i]].push_back(i);
    for (auto &p : idx) { cout << p.first << "="; for (int v : p.second) cout << v << ","; cout << ' '; }
    cout << "\n" << accumulate(sizes.begin(), sizes.end(), 0LL) << " " << *max_element(sizes.begin(), sizes.end()) << "\n";
    set<int> st(sizes.begin(), sizes.end());
    auto it = st.lower_bound(2);
    cout << (it == st.end() ? -1 : *it) << " " << st.count(1) << " " << __gcd(12, 18) << endl;
}
