#include <bits/stdc++.h>
using namespace std;

const int N = 8;
int board[N][N];
int solutions = 0;

bool safe(int r, int c) {
    for (int i = 0; i < r; i++) {
        if (board[i][c]) return false;
        int d = r - i;
        if (c - d >= 0 && board[i][c - d]) return false;
        if (c + d < N && board[i][c + d]) return false;
    }
    return true;
}

void print() {
    for (int i = 0; i < N; i++) {
        for (int j = 0; j < N; j++)
            cout << (board[i][j] ? 'Q' : '.') << (j == N - 1 ? '\n' : ' ');
    }
}

void solve(int r) {
    if (r == N) {
        if (++solutions == 1) print();
        return;
    }
    for (int c = 0; c < N; c++) {
        if (!safe(r, c)) continue;
        board[r][c] = 1;
        solve(r + 1);
        board[r][c] = 0;
    }
}

long long power(long long b, int e, long long m) {
    long long r = 1;
    b %= m;
    while (e > 0) {
        if (e & 1) r = r * b % m;
        b = b * b % m;
        e >>= 1;
    }
    return r;
}

int main() {
    solve(0);
    printf("%d solutions\n", solutions);
    vector<bool> composite(101);
    vector<int> primes;
    for (int i = 2; i <= 100; i++) {
        if (composite[i]) continue;
        primes.push_back(i);
        for (int j = i * i; j <= 100; j += i) composite[j] = true;
    }
    for (size_t i = 0; i < primes.size(); i++) printf("%3d%s", primes[i], (i + 1) % 10 == 0 ? "\n" : "");
    puts("");
    cout << power(3, 200, 1000007) << ' ' << __gcd(84, 36) << ' ' << accumulate(primes.begin(), primes.end(), 0) << endl;
    string s = "bac";
    sort(s.begin(), s.end());
    do cout << s << ' '; while (next_permutation(s.begin(), s.end()));
    cout << endl;
    map<char, int> freq;
    for (char c : string("mississippi")) freq[c]++;
    vector<pair<int, char>> v;
    for (auto& p : freq) v.push_back({p.second, p.first});
    sort(v.rbegin(), v.rend());
    for (auto [n, c] : v) cout << c << n << ' ';
    cout << '\n' << *max_element(primes.begin(), primes.end()) << ' ' << count_if(primes.begin(), primes.end(), [](int p) { return p % 4 == 1; }) << '\n';
    int x = 0b1011, y = 0x1F;
    cout << (x ^ y) << ' ' << (x << 2) << ' ' << __builtin_popcount(y) << ' ' << hex << 255 << dec << ' ' << INT_MAX << '\n';
}
