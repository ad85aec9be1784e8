#include <bits/stdc++.h>
using namespace std;
int main() {
    map<string, int> m = {{"b", 2}, {"a", 1}, {"d", 4}};
    auto it = m.begin();
    while (it != m.end()) { cout << it->first << it->second << " "; ++it; }
    cout << endl;
    auto last = prev(m.end());
    cout << last->first << " " << (--m.end())->first << endl;
    set<int> s = {5, 1, 9};
    auto e = s.end();
    --e;
    cout << *e << endl;
    auto f = s.find(5);
    if (f != s.begin()) { auto b = prev(f); cout << *b << endl; }
    auto n = next(f);
    cout << (n == s.end() ? "end" : to_string(*n)) << endl;
    auto c = m.lower_bound("c");
    if (c != m.end() && c != m.begin()) { cout << c->second; --c; cout << c->first << endl; }
    set<int, greater<int>> g = {1, 5, 3};
    cout << *g.begin() << *g.lower_bound(4) << *prev(g.end()) << endl;
    auto x = s.begin();
    cout << *x++ << *x << endl;
    cout << *++x << endl;
    auto y = s.upper_bound(9);
    cout << (y == s.end()) << endl;
    y = s.lower_bound(2);
    cout << *y << endl;
    int best = *prev(s.upper_bound(8));
    cout << best << endl;
    m.lower_bound("b")->second = 20;
    cout << m["b"] << endl;
    set<int> em;
    auto z = em.lower_bound(3);
    if (z != em.begin()) cout << "no"; else cout << "begin" << endl;
    s.erase(s.lower_bound(5));
    cout << s.size() << distance(s.begin(), s.end()) << endl;
}
