#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <queue>
#include <climits>
using namespace std;
const int N = 5;
int grid[N][N] = {{1, 3, 1, 5, 9}, {2, 1, 4, 1, 1}, {5, 2, 1, 7, 2}, {1, 8, 2, 1, 3}, {4, 1, 9, 1, 1}};
int dp[N][N];
int minPath(int r, int c) {
    if (r >= N || c >= N) return INT_MAX / 2;
    if (r == N - 1 && c == N - 1) return grid[r][c];
    if (dp[r][c]) return dp[r][c];
    return dp[r][c] = grid[r][c] + min(minPath(r + 1, c), minPath(r, c + 1));
}
void floodFill(vector<string>& g, int r, int c, char with) {
    if (r < 0 || c < 0 || r >= (int)g.size() || c >= (int)g[0].size() || g[r][c] != '.') return;
    g[r][c] = with;
    floodFill(g, r + 1, c, with); floodFill(g, r - 1, c, with); floodFill(g, r, c + 1, with); floodFill(g, r, c - 1, with);
}
int partition_(vector<int>& a, int lo, int hi) { int p = a[hi], i = lo - 1; for (int j = lo; j < hi; j++) if (a[j] <= p) swap(a[++i], a[j]); swap(a[i + 1], a[hi]); return i + 1; }
void quickSort(vector<int>& a, int lo, int hi) { if (lo < hi) { int p = partition_(a, lo, hi); quickSort(a, lo, p - 1); quickSort(a, p + 1, hi); } }
void merge_(vector<int>& a, int l, int m, int r) { vector<int> left(a.begin() + l, a.begin() + m + 1), right(a.begin() + m + 1, a.begin() + r + 1); int i = 0, j = 0, k = l; while (i < (int)left.size() && j < (int)right.size()) a[k++] = left[i] <= right[j] ? left[i++] : right[j++]; while (i < (int)left.size()) a[k++] = left[i++]; while (j < (int)right.size()) a[k++] = right[j++]; }
void mergeSort(vector<int>& a, int l, int r) { if (l >= r) return; int m = l + (r - l) / 2; mergeSort(a, l, m); mergeSort(a, m + 1, r); merge_(a, l, m, r); }
bool safe(const vector<int>& q, int row, int col) { for (int r = 0; r < row; r++) if (q[r] == col || abs(q[r] - col) == row - r) return false; return true; }
int solve(vector<int>& q, int row, int n) { if (row == n) return 1; int count = 0; for (int c = 0; c < n; c++) if (safe(q, row, c)) { q[row] = c; count += solve(q, row + 1, n); } return count; }
void permute(string s, int k, vector<string>& out) { if (k == (int)s.size()) { out.push_back(s); return; } for (int i = k; i < (int)s.size(); i++) { swap(s[k], s[i]); permute(s, k + 1, out); } }
int main() {
    cout << "min path " << minPath(0, 0) << endl;
    vector<string> g = {"..#..", ".##..", "#...."}; floodFill(g, 0, 0, 'o'); for (auto& row : g) cout << row << endl;
    vector<int> a = {9, 4, 7, 1, 8, 2}, b = a; quickSort(a, 0, a.size() - 1); mergeSort(b, 0, b.size() - 1);
    for (int x : a) cout << x << ' '; cout << (a == b) << endl;
    for (int n = 1; n <= 6; n++) { vector<int> q(n); cout << solve(q, 0, n) << (n < 6 ? "," : "\n"); }
    vector<string> out; permute("abc", 0, out); sort(out.begin(), out.end()); for (const auto& s : out) cout << s << ' '; cout << out.size() << endl;
    vector<vector<int>> adj(6); auto edge = [&](int u, int v) { adj[u].push_back(v); adj[v].push_back(u); }; edge(0, 1); edge(0, 2); edge(1, 3); edge(4, 5);
    vector<int> dist(6, -1); queue<int> q; q.push(0); dist[0] = 0; while (!q.empty()) { int u = q.front(); q.pop(); for (int v : adj[u]) if (dist[v] == -1) { dist[v] = dist[u] + 1; q.push(v); } } for (int d : dist) cout << d << ' '; cout << endl;
    string text = "to be or not to be"; vector<pair<string, int>> freq; string w; text += ' ';
    for (char c : text) { if (c == ' ') { auto it = find_if(freq.begin(), freq.end(), [&](const pair<string, int>& p) { return p.first == w; }); if (it == freq.end()) freq.push_back({w, 1}); else it->second++; w = ""; } else w += c; }
    sort(freq.begin(), freq.end(), [](const auto& x, const auto& y) { return x.second > y.second || (x.second == y.second && x.first < y.first); }); for (auto& [k, v] : freq) cout << k << '=' << v << ' '; cout << endl;
    long long fibs[60] = {0, 1}; for (int i = 2; i < 60; i++) fibs[i] = fibs[i - 1] + fibs[i - 2]; cout << fibs[50] << endl;
    int bits = 0b1011; cout << __builtin_popcount(bits) << ((bits >> 1) & 1) << (bits | 4) << endl;
}
