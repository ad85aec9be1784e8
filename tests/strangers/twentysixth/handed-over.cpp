#include <bits/stdc++.h>
using namespace std;
void up(int& n) { n += 5; }
void fix(string& s, int by) { s += to_string(by); }
int main() { vector<pair<string,int>> v{{"a",1}}; for (auto& [n, k] : v) { up(k); fix(n, k); } cout << v[0].first << v[0].second;
 vector<int> w{1,2}; for (int& x : w) up(x); cout << w[0]; for (auto& x : w) fix(v[0].first, x); cout << v[0].first; map<string,int> m{{"q", 1}}; for (auto& [k, c] : m) up(c); for (auto& p : m) up(p.second); cout << m["q"]; int a[2] = {1, 2}; for (int& x : a) up(x); cout << a[1]; }
