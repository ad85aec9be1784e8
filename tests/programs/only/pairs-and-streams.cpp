#include <iostream>
#include <sstream>
#include <string>
#include <map>
#include <set>
#include <tuple>
#include <vector>
#include <queue>
#include <algorithm>
using namespace std;
struct P { string name; int age; };
bool byAge(const P& a, const P& b) { return a.age < b.age; }
pair<int, string> split(const string& s) { return {(int)s.size(), s.substr(0, 1)}; }
int main() {
    ostringstream out;
    out << "bed " << 3 << ' ' << 2.5;
    cout << out.str() << endl;
    istringstream in("3 4 x");
    int a, b; string c;
    in >> a >> b >> c;
    cout << a + b << c << endl;
    stringstream csv("a,b,,d");
    string cell; vector<string> cells;
    while (getline(csv, cell, ',')) cells.push_back(cell);
    cout << cells.size() << cells[2] << "|" << cells[3] << endl;
    pair<string, int> p = make_pair("pea", 3);
    p.second += 4; auto q = p; q.first = "bean";
    cout << p.first << p.second << q.first << (p < q) << endl;
    auto [n, l] = split("kale");
    cout << n << l << endl;
    vector<pair<int, string>> v = {{3, "c"}, {1, "a"}, {1, "A"}};
    v.push_back({2, "b"}); v.emplace_back(0, "z");
    sort(v.begin(), v.end());
    for (auto& e : v) cout << e.first << e.second << " ";
    for (const auto& [i, s] : v) cout << i / 2 << s;
    cout << endl;
    vector<P> ps = {{"x", 9}, {"y", 3}};
    sort(ps.begin(), ps.end(), byAge);
    cout << ps[0].name << endl;
    set<string> names{"b", "a"}; names.insert("c"); names.insert("a"); names.erase("b");
    for (auto it = names.begin(); it != names.end(); ++it) cout << *it << ' ';
    cout << names.size() << (names.count("z") ? "yes" : "no") << endl;
    map<string, int> m; m["k"] = 2; m.insert({"j", 5}); m.insert(make_pair("k", 9));
    auto it = m.find("k");
    if (it != m.end()) cout << it->first << it->second << endl;
    for (map<string, int>::iterator i = m.begin(); i != m.end(); i++) { i->second *= 2; cout << i->first << i->second; }
    cout << m["j"] << endl;
    vector<int> w = {5, 1, 4};
    for (auto i = w.begin(); i != w.end(); ++i) *i += 1;
    auto f = find(w.begin(), w.end(), 5);
    if (f != w.end()) { cout << "at " << f - w.begin() << *f << endl; w.erase(f); }
    cout << w.size() << *max_element(w.begin(), w.end()) << max_element(w.begin(), w.end()) - w.begin() << endl;
    priority_queue<int> pq; pq.push(3); pq.push(8); pq.push(5);
    while (!pq.empty()) { cout << pq.top(); pq.pop(); }
    cout << endl;
    tuple<int, string, double> t{1, "q", 2.5};
    cout << get<0>(t) << get<1>(t) << get<2>(t) / 2 << endl;
    map<string, pair<int, double>> mp; mp["x"] = {1, 2.0}; mp["x"].second += 1;
    cout << mp["x"].first << mp["x"].second << endl;
    map<char, int> freq; for (char ch : string("hello")) freq[ch]++;
    for (auto kv : freq) cout << kv.first << kv.second;
    cout << endl;
    cout << count_if(w.begin(), w.end(), [](int x) { return x > 4; }) << any_of(w.begin(), w.end(), [](int x) { return x == 6; }) << endl;
    vector<vector<pair<int,int>>> g(3); g[0].push_back({1, 7}); g[0].push_back(make_pair(2, 9));
    for (auto [to, cost] : g[0]) cout << to << ":" << cost << " ";
    cout << g[1].size() << endl;
}
