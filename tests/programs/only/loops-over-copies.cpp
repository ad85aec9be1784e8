#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
int main() {
    vector<vector<int>> g = {{1, 2}, {3}};
    for (vector<int> row : g) { row[0] = 9; row.push_back(1); }
    for (auto row : g) row[0] = 9;
    cout << g[0][0] << g[0].size();
    for (auto& row : g) row[0] = 8;
    cout << g[0][0] << endl;
    map<string, vector<int>> m = {{"a", {1}}};
    for (auto [k, v] : m) v.push_back(2);
    cout << m["a"].size();
    for (auto p : m) p.second.push_back(2);
    cout << m["a"].size();
    for (auto& [k, v] : m) v.push_back(2);
    cout << m["a"].size();
    for (auto& p : m) p.second.push_back(2);
    cout << m["a"].size() << endl;
    map<string, map<string, int>> mm = {{"x", {{"y", 1}}}};
    for (auto [k, inner] : mm) inner["z"] = 5;
    cout << mm["x"].size();
    for (auto& [k, inner] : mm) inner["z"] = 5;
    cout << mm["x"].size() << endl;
    vector<pair<int, vector<int>>> ps = {{1, {2}}};
    for (auto [n, v] : ps) { v.push_back(3); n = 7; }
    cout << ps[0].first << ps[0].second.size();
    cout << endl;
    vector<int> a = g[0];
    a[0] = 100;
    auto b = m["a"];
    b[0] = 100;
    cout << g[0][0] << m["a"][0] << endl;
}
