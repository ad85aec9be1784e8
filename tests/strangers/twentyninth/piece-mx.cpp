#include <bits/stdc++.h>
using namespace std;
struct R { string n; double v; };
bool less_r(const R& a, const R& b) { return a.v < b.v; }
int main() {
    vector<R> rs = {{"x", 2.5}, {"y", 1.5}, {"z", 9}, {"w", 9}};
    auto best = max_element(rs.begin(), rs.end(), [](const R& a, const R& b) { return a.v < b.v; });
    cout << best->n << " " << best - rs.begin() << endl;
    auto low = min_element(rs.begin(), rs.end(), less_r);
    cout << low->n << endl;
    cout << max_element(rs.begin(), rs.end(), less_r)->n << endl;
    vector<string> w = {"aa", "b", "cccc"};
    cout << *max_element(w.begin(), w.end(), [](const string& a, const string& b) { return a.size() < b.size(); }) << endl;
}
