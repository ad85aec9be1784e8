#include <bits/stdc++.h>
using namespace std;

typedef long long ll;
typedef vector<int> vi;
#define FOR(i, a, b) for (int i = (a); i < (b); i++)
#define all(v) v.begin(), v.end()

const int MOD = 1e9 + 7;

ll power(ll base, ll exp, ll mod) {
    ll result = 1;
    base %= mod;
    while (exp > 0) {
        if (exp & 1) result = result * base % mod;
        base = base * base % mod;
        exp >>= 1;
    }
    return result;
}

int main() {
    ios_base::sync_with_stdio(false);
    cin.tie(NULL);
    int t;
    cin >> t;
    while (t--) {
        int n, k;
        cin >> n >> k;
        vi a(n);
        FOR(i, 0, n) cin >> a[i];
        sort(all(a));
        ll best = 0;
        FOR(i, 0, n - k + 1) {
            ll s = accumulate(a.begin() + i, a.begin() + i + k, 0LL);
            best = max(best, s);
        }
        unordered_map<int, int> freq;
        for (auto x : a) freq[x]++;
        int mode = a[0];
        for (auto x : a) if (freq[x] > freq[mode]) mode = x;
        auto lo = lower_bound(all(a), 5) - a.begin();
        cout << best << ' ' << mode << ' ' << lo << ' ' << power(2, best, MOD) << '\n';
        reverse(all(a));
        a.erase(unique(all(a)), a.end());
        for (int i = 0; i < (int)a.size(); ++i) cout << a[i] << " \n"[i + 1 == (int)a.size()];
    }
}
