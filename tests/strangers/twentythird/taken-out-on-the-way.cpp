#include <iostream>
#include <set>
#include <map>
#include <string>
using namespace std;
int main() {
    set<int> s = {1, 2, 3, 4, 5};
    for (auto it = s.begin(); it != s.end(); ) {
        if (*it % 2) it = s.erase(it);
        else ++it;
    }
    for (int x : s) cout << x << ' ';
    map<string, int> m = {{"a", 1}, {"b", 2}, {"c", 3}};
    auto it = m.begin();
    while (it != m.end()) {
        if (it->second != 2) {
            cout << it->first;
            it = m.erase(it);
        } else {
            it++;
        }
    }
    for (auto& p : m) cout << p.first << p.second;
    map<int, int> old = {{1, 1}, {2, 0}};
    for (map<int, int>::iterator i = old.begin(); i != old.end();) {
        if (i->second == 0) old.erase(i++);
        else { i->second += 5; ++i; }
    }
    for (auto& p : old) cout << p.first << p.second << endl;
}
