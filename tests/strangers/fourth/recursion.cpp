#include <iostream>
#include <string>
#include <vector>
using namespace std;
typedef long long ll;
ll fact(int n) { return n <= 1 ? 1 : n * fact(n - 1); }
int fib(int n) { static int calls = 0; calls++; if (n < 2) return n; return fib(n - 1) + fib(n - 2); }
int hanoi(int n, char a, char b, char c) {
    if (n == 0) return 0;
    int m = hanoi(n - 1, a, c, b);
    cout << n << ":" << a << "->" << c << " ";
    return m + 1 + hanoi(n - 1, b, a, c);
}
void permute(string s, int k) {
    if (k == (int)s.size()) { cout << s << " "; return; }
    for (int i = k; i < (int)s.size(); i++) { swap(s[k], s[i]); permute(s, k + 1); }
}
ll power(ll b, int e, ll mod) { ll r = 1; for (b %= mod; e; e >>= 1, b = b * b % mod) if (e & 1) r = r * b % mod; return r; }
int gcd(int a, int b) { return b ? gcd(b, a % b) : a; }
bool solve(vector<int>& q, int row, int n) {
    if (row == n) return true;
    for (int c = 0; c < n; c++) {
        bool ok = true;
        for (int r = 0; r < row && ok; r++) if (q[r] == c || abs(q[r] - c) == row - r) ok = false;
        if (ok) { q[row] = c; if (solve(q, row + 1, n)) return true; }
    }
    return false;
}
int main() {
    cout << fact(20) << " " << fib(15) << endl;
    cout << hanoi(3, 'A', 'B', 'C') << endl;
    permute("abc", 0); cout << endl;
    cout << power(2, 62, 1000000007LL) << " " << gcd(84, 36) << endl;
    vector<int> q(6);
    if (solve(q, 0, 6)) for (int c : q) cout << string(c, '.') << 'Q' << string(5 - c, '.') << endl;
    unsigned int u = 3; long big = 2147483647L; big++;
    cout << u - 1 << " " << big << " " << 7 / 2 << " " << -7 / 2 << " " << -7 % 3 << " " << 7 / 2.0 << " " << (double)7 / 2 << " " << 1e6 << " " << 1.0 / 3 << " " << 100000.0 * 10 << " " << 5 / 10 * 2.5 << endl;
    bool t = true; cout << t << !t << (3 > 2) << endl;
    int i = 5; int j = i++ + ++i; cout << i << endl; (void)j;
    auto lambda = [](int x) -> int { return x * x; };
    cout << lambda(9) << endl;
}
