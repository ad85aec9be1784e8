#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;
struct S { map<string,int> m; map<string, vector<int>> v; };
class C { map<int, map<string,double>> deep; public: void put(int k, string s, double d) { deep[k][s] = d; }
 void show() const { for (const auto& p : deep) { cout << p.first << ":"; for (const auto& q : p.second) cout << " " << q.first << "=" << q.second; cout << endl; } }
 void twice() { for (auto& p : deep) for (auto& q : p.second) q.second *= 2; } };
int main() {
    S s; s.m["a"] = 1; s.m["b"] = 2; for (auto& p : s.m) p.second += 10; for (const auto& p : s.m) cout << p.first << p.second << " ";
 s.v["x"].push_back(3); s.v["x"].push_back(4); for (auto& e : s.v) { e.second.push_back(9); cout << e.first << e.second.size() << endl; }
 for (auto& [k, w] : s.m) { w = 0; cout << k << w << endl; } cout << s.m["a"] << endl;
 C c; c.put(1, "z", 1.5); c.put(1, "y", 2); c.put(0, "q", 1); c.twice(); c.show();
 vector<map<char,int>> l(2); l[0]['a'] = 5; for (auto& p : l[0]) cout << p.first << p.second << endl;
}
