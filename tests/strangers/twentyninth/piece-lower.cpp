#include <bits/stdc++.h>
using namespace std;
int main() {
    set<int> s = {10, 20, 30};
    auto it = s.lower_bound(15);
    if (it != s.end()) cout << *it << endl;
    it = s.upper_bound(30);
    cout << (it == s.end() ? "end" : "some") << endl;
    map<string, int> m = {{"bean", 1}, {"kale", 2}};
    auto k = m.lower_bound("c");
    if (k != m.end()) cout << k->first << k->second << endl;
    auto u = m.upper_bound("kale");
    cout << (u == m.end()) << endl;
    auto f = s.find(20);
    if (f != s.begin()) { --f; cout << *f << endl; }
    cout << *prev(s.end()) << *next(s.begin()) << endl;
}
