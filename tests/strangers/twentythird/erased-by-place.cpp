#include <iostream>
#include <set>
#include <map>
#include <vector>
using namespace std;
void a() { set<int> s = {1, 2, 3}; for (auto it = s.begin(); it != s.end();) { if (*it == 2) it = s.erase(it); else ++it; } for (int x : s) cout << x; }
void b() { vector<int> s = {1, 2, 3, 4}; for (auto it = s.begin(); it != s.end();) { if (*it == 2) it = s.erase(it); else ++it; } for (int x : s) cout << x; }
void c() { map<int, int> m = {{1, 2}, {3, 4}}; auto it = m.begin(); while (it != m.end()) { cout << it->first; it = m.erase(it); } cout << m.size(); }
void d() { map<int, int> m = {{1, 2}, {3, 4}}; auto it = m.begin(); it->second = 9; cout << it->first << m[1]; it = m.find(3); cout << it->second; advance(it, 0); cout << m.size(); }
class Shed { public: void clean() { for (auto it = tools_.begin(); it != tools_.end(); ) { if (it->second == 0) { it = tools_.erase(it); } else { ++it; } } } int size() const { return tools_.size(); } void add(const string& t, int n) { tools_[t] = n; } private: map<string, int> tools_; };
int main() { a(); b(); c(); Shed s; s.add("rake", 0); s.add("hoe", 2); s.clean(); cout << s.size(); }
