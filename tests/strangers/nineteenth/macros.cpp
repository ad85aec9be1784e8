#include <bits/stdc++.h>
using namespace std;
#define FOR(i, a, b) for (int i = (a); i < (b); ++i)
#define REP(i, n) for (int i = 0; i < n; i++)
#define rep(i,n) FOR(i,0,n)
#define all(x) (x).begin(), (x).end()
#define pb push_back
#define sz(x) (int)(x).size()
typedef long long ll;
typedef vector<int> vi;
int main() {
    vi a;
    REP(i, 5) a.pb(i * i % 7);
    FOR(i, 1, sz(a)) {
        FOR(j, 0, i) if (a[j] > a[i]) swap(a[i], a[j]);
    }
    rep(k, 2) { cout << k << endl; }
    sort(all(a));
    for (auto x : a) cout << x << " ";
    cout << endl;
    ll total = accumulate(all(a), 0LL);
    cout << total << endl;
}
