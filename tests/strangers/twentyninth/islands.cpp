#include <iostream>
#include <vector>
#include <queue>
#include <set>
#include <tuple>
#include <string>
#include <unordered_map>
#include <numeric>
#include <cmath>
#include <algorithm>
using namespace std;

using Grid = vector<string>;
constexpr int DX[] = {0, 0, 1, -1};
constexpr int DY[] = {1, -1, 0, 0};

int countIslands(Grid g) {
    int n = g.size(), m = g[0].size(), islands = 0;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < m; ++j)
            if (g[i][j] == '#') {
                ++islands;
                queue<pair<int, int>> q;
                q.emplace(i, j);
                g[i][j] = '.';
                while (!q.empty()) {
                    auto [x, y] = q.front();
                    q.pop();
                    for (int d = 0; d < 4; ++d) {
                        int nx = x + DX[d], ny = y + DY[d];
                        if (nx >= 0 && ny >= 0 && nx < n && ny < m && g[nx][ny] == '#') {
                            g[nx][ny] = '.';
                            q.push({nx, ny});
                        }
                    }
                }
            }
    return islands;
}

bool isPrime(unsigned n) {
    if (n < 2) return false;
    for (unsigned i = 2; i * i <= n; ++i) if (n % i == 0) return false;
    return true;
}

long long binom(int n, int k) {
    vector<vector<long long>> c(n + 1, vector<long long>(n + 1, 0));
    for (int i = 0; i <= n; ++i) {
        c[i][0] = c[i][i] = 1;
        for (int j = 1; j < i; ++j) c[i][j] = c[i - 1][j - 1] + c[i - 1][j];
    }
    return c[n][k];
}

tuple<int, int, double> stats(const vector<int>& v) {
    int lo = *min_element(v.begin(), v.end());
    int hi = *max_element(v.begin(), v.end());
    double mean = accumulate(v.begin(), v.end(), 0.0) / v.size();
    return {lo, hi, mean};
}

string toBinary(int n) { return n < 2 ? to_string(n) : toBinary(n / 2) + char('0' + n % 2); }

int main() {
    Grid g = {"##..#", "#...#", "..#..", "#..##"};
    cout << countIslands(g) << " " << g[0] << endl;
    vector<int> primes;
    for (unsigned i = 0; i < 30; ++i) if (isPrime(i)) primes.push_back(i);
    for (size_t i = 0; i < primes.size(); i++) cout << primes[i] << (i + 1 < primes.size() ? "," : "\n");
    cout << binom(30, 15) << endl;
    auto [lo, hi, mean] = stats({4, 8, 15, 16, 23, 42});
    cout << lo << " " << hi << " " << mean << endl;
    cout << toBinary(37) << " " << pow(2, 10) << " " << sqrt(2) << " " << round(2.5) << " " << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7.0 / 2 << endl;
    unordered_map<string, int> stock{{"pea", 3}};
    stock["kale"]++;
    stock["pea"] -= 1;
    if (auto it = stock.find("pea"); it != stock.end()) cout << it->second << endl;
    cout << stock.count("leek") << stock.size() << endl;
    set<int> uniq(primes.begin(), primes.end());
    uniq.insert(2);
    uniq.erase(3);
    cout << uniq.size() << " " << *uniq.begin() << " " << *uniq.rbegin() << endl;
    vector<vector<int>> tri(5);
    for (int i = 0; i < 5; ++i) { tri[i].resize(i + 1, 1); for (int j = 1; j < i; ++j) tri[i][j] = tri[i-1][j-1] + tri[i-1][j]; }
    for (auto& row : tri) { for (int x : row) cout << x << ' '; cout << '\n'; }
    priority_queue<pair<int, string>> pq;
    pq.push({2, "low"}); pq.push({9, "high"}); pq.emplace(5, "mid");
    while (!pq.empty()) { cout << pq.top().second << ' '; pq.pop(); }
    cout << endl;
    int x = 5; int& r = x; r += 2; int* p = &x; *p *= 2; cout << x << (p == &r) << endl;
    char c = 'a'; c += 2; cout << c << int(c) << char(c + 1) << (c > 'b') << endl;
    unsigned char u = 250; u += 10; cout << int(u) << " " << (1 << 10) << " " << (0xF0 & 0x3C) << " " << (5 ^ 3) << " " << ~5 << endl;
}
