#include <iostream>
#include <map>
#include <set>
#include <vector>
#include <string>
using namespace std;
struct T { string n = "none"; int k = 4; };
int main() {
    map<string, int> m = {{"b", 2}, {"a", 1}, {"c", 3}};
    m.erase(m.begin());
    for (auto& [k, v] : m) cout << k << v << " ";
    set<int> s = {5, 3, 9};
    s.erase(s.begin());
    for (int x : s) cout << x << " ";
    multiset<int> ms = {2, 2, 7};
    ms.erase(ms.begin());
    cout << ms.size() << endl;
    vector<T> v;
    v.emplace_back();
    v.emplace_back();
    v.back().n = "x";
    cout << v[0].n << v[1].n << v.size() << v[1].k << endl;
    while (!m.empty()) { cout << m.begin()->first; m.erase(m.begin()); }
    cout << m.size() << endl;
}
