#include <bits/stdc++.h>
using namespace std;
typedef long long ll;
#define all(v) v.begin(), v.end()
#define pb push_back

int gcd_(int a, int b) { return b ? gcd_(b, a % b) : a; }

ll fact(int n) { return n < 2 ? 1LL : n * fact(n - 1); }

vector<int> sieve(int n) {
    vector<bool> comp(n + 1);
    vector<int> p;
    for (int i = 2; i <= n; i++) {
        if (!comp[i]) p.pb(i);
        for (ll j = 1LL * i * i; j <= n; j += i) comp[j] = true;
    }
    return p;
}

int lis(const vector<int>& a) {
    vector<int> d;
    for (int x : a) {
        auto it = lower_bound(all(d), x);
        if (it == d.end()) d.pb(x); else *it = x;
    }
    return (int)d.size();
}

int main() {
    ios::sync_with_stdio(false); cin.tie(0);
    int t; cin >> t;
    while (t--) {
        int n; cin >> n;
        vector<int> a(n);
        for (auto& x : a) cin >> x;
        int g = 0;
        for (int x : a) g = gcd_(g, x);
        cout << "gcd " << g << " lis " << lis(a);
        sort(all(a), greater<int>());
        a.erase(unique(all(a)), a.end());
        cout << " max " << *max_element(all(a)) << " sum " << accumulate(all(a), 0LL) << " :";
        for (auto x : a) cout << " " << x;
        cout << "\n";
    }
    auto p = sieve(50);
    cout << p.size() << " " << p.back() << " " << fact(15) << "\n";
    string s = "banana"; sort(all(s)); cout << s << "\n";
    do { cout << s.substr(0, 3) << ","; } while (next_permutation(all(s)) && s[0] == 'a' && s[1] == 'a' && s[2] == 'a');
    cout << "\n";
    map<char, int> f; for (char c : string("mississippi")) f[c]++;
    for (auto [c, k] : f) cout << c << k; cout << endl;
    pair<int, string> best = {0, ""};
    for (auto& w : {string("pea"), string("bean"), string("leek")}) best = max(best, {(int)w.size(), w});
    cout << best.first << best.second << endl;
}
