#include <iostream>
#include <map>
#include <vector>
using namespace std;
struct P { int x, y; };
int main() { map<string, vector<P>> by; by["a"].push_back({1, 2}); cout << by["a"][0].x; vector<vector<P>> g(1); g[0].push_back({3, 4}); cout << g[0][0].y; map<string, P> m; m["z"] = {5, 6}; cout << m["z"].y; vector<P> v; v.push_back({7, 8}); v[0] = {9, 1}; cout << v[0].x; pair<int,int> q; q = {3, 4}; cout << q.second; v.insert(v.begin(), {2, 2}); cout << v[0].x << v.size(); }
