#include <bits/stdc++.h>
using namespace std;
#define MAXN 100
typedef long long ll;
typedef vector<int> vi;
template <typename T>
T largest(const vector<T>& v) {
    T best = v[0];
    for (const T& x : v) if (x > best) best = x;
    return best;
}
template <class T, class U>
auto add(T a, U b) { return a + b; }
template <typename T>
class Box {
    T value;
    bool full = false;
public:
    void put(T v) { value = v; full = true; }
    T take() { if (!full) throw runtime_error("empty box"); full = false; return value; }
    bool isFull() const { return full; }
};
int memo[MAXN];
int ways(int n) {
    if (n < 0) return 0;
    if (n == 0) return 1;
    int& m = memo[n];
    if (m != -1) return m;
    return m = ways(n - 1) + ways(n - 2) + ways(n - 3);
}
int main() {
    ios::sync_with_stdio(false);
    cin.tie(nullptr);
    memset(memo, -1, sizeof memo);
    cout << ways(4) << ' ' << ways(30) << '\n';
    vi v = {4, 8, 15, 16, 23, 42};
    cout << largest(v) << ' ' << largest<string>({"pear", "fig", "plum"}) << ' ' << add(1, 2.5) << ' ' << add(string("a"), "b") << '\n';
    cout << accumulate(v.begin(), v.end(), 0) << ' ' << *max_element(v.begin(), v.end()) << ' ' << binary_search(v.begin(), v.end(), 16) << ' ' << lower_bound(v.begin(), v.end(), 16) - v.begin() << '\n';
    vi w(v.rbegin(), v.rend());
    for (int x : w) cout << x << ' ';
    cout << '\n';
    w.erase(remove_if(w.begin(), w.end(), [](int x) { return x % 2; }), w.end());
    sort(w.begin(), w.end(), greater<int>());
    for (size_t i = 0; i < w.size(); ++i) cout << w[i] << " \n"[i + 1 == w.size()];
    Box<string> b;
    b.put("seed");
    cout << b.isFull() << b.take() << b.isFull() << '\n';
    try { b.take(); } catch (exception& e) { cout << e.what() << '\n'; }
    ll f = 1;
    for (int i = 1; i <= 20; i++) f *= i;
    cout << f << ' ' << f % 1000000007 << '\n';
    unordered_map<string, int> cnt;
    for (string s : {"a", "b", "a"}) cnt[s]++;
    cout << cnt["a"] << cnt["b"] << cnt.count("z") << '\n';
    vector<pair<string, int>> items{{"b", 2}, {"a", 2}, {"c", 1}};
    sort(items.begin(), items.end(), [](auto& p, auto& q) { return p.second != q.second ? p.second > q.second : p.first < q.first; });
    for (auto& p : items) cout << p.first << p.second << ' ';
    cout << '\n';
    function<int(int)> fact = [&](int n) { return n <= 1 ? 1 : n * fact(n - 1); };
    cout << fact(6) << ' ' << __gcd(12, 18) << ' ' << __builtin_popcount(255) << '\n';
    iota(w.begin(), w.end(), 10);
    cout << w.front() << w.back() << ' ' << any_of(w.begin(), w.end(), [](int x) { return x > 12; }) << '\n';
    transform(v.begin(), v.end(), v.begin(), [](int x) { return x * x; });
    partial_sum(v.begin(), v.end(), v.begin());
    cout << v[5] << '\n';
    bitset<8> bits(37);
    cout << bits << ' ' << bits.count() << '\n';
    tuple<int, string, double> t{1, "x", 2.5};
    cout << get<1>(t) << get<2>(t) << '\n';
    next_permutation(v.begin(), v.end());
}
