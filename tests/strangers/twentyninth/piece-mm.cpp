#include <bits/stdc++.h>
using namespace std;
struct R { string n; double v; };
int main() {
    vector<int> a = {4, 1, 7, 7, 1};
    auto p = minmax_element(a.begin(), a.end());
    cout << *p.first << *p.second << (p.second - a.begin()) << endl;
    vector<R> rs = {{"x", 2.5}, {"y", 1.5}, {"z", 9}, {"w", 9}};
    auto mm = minmax_element(rs.begin(), rs.end(), [](const R& a, const R& b) { return a.v < b.v; });
    cout << mm.first->n << mm.second->n << endl;
    auto [lo, hi] = std::minmax_element(rs.begin(), rs.end(), [](const R& a, const R& b) { return a.v < b.v; });
    cout << lo->n << hi->n << (hi - lo) << endl;
    vector<int> e;
    auto none = max_element(e.begin(), e.end(), [](int x, int y) { return x % 10 < y % 10; });
    cout << (none == e.end()) << endl;
    auto far = max_element(a.begin(), a.end(), [](int x, int y) { return abs(x - 3) < abs(y - 3); });
    cout << *far << distance(a.begin(), far) << endl;
}
