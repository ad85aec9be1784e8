#include <iostream>
#include <map>
using namespace std;
int main() {
    map<string, int> m;
    m["b"] = 2;
    m["a"] = 1;
    for (const auto &p : m) cout << p.first << p.second << endl;
    for (auto &[k, v] : m) v *= 2;
    for (auto &[k, v] : m) cout << k << v << endl;
    for (auto it = m.begin(); it != m.end(); ++it) cout << it->first << it->second << endl;
    for (auto &q : m) q.second++;
    cout << m["a"] << endl;
}
