#include <bits/stdc++.h>
using namespace std;
struct H { map<string, int> m; };
int main() { map<string, vector<int>> m{{"b", {1, 2}}, {"a", {3}}}; cout << m.begin()->first << m.rbegin()->first << m.begin()->second.size() << m.rbegin()->second[1]; m.begin()->second.push_back(4); cout << m["a"].size(); H h; h.m["z"] = 5; cout << h.m.begin()->second << h.m.begin()->first; h.m.begin()->second++; cout << h.m["z"]; vector<map<char, int>> v{{{'q', 1}}}; cout << v[0].begin()->second; map<int, pair<int, int>> p{{1, {2, 3}}}; cout << p.begin()->second.first; string s = m.begin()->first + "!"; cout << s; const auto& c = m; cout << c.begin()->first; }
