#include <iostream>
#include <vector>
#include <set>
#include <map>
#include <string>
using namespace std;
struct P { int x, y; };
struct B { map<string, int> m; vector<int> v; set<int> s; pair<int, string> p; P q;
  B(map<string, int> k, vector<int> l = {1}, set<int> z = {3, 2}, pair<int, string> t = {4, "t"}, P u = {5, 6}) : m(k), v(l), s(z), p(t), q(u) {}
  void show() { for (auto& e : m) cout << e.first << e.second << " "; cout << v.size() << *s.begin() << p.first << p.second << q.x << q.y << endl; } };
void g(set<int> a = {5, 1}, P b = {1, 2}, pair<string, int> c = {"x", 3}, vector<vector<int>> d = {{1, 2}, {3}}) { cout << *a.begin() << b.y << c.first << d[1][0] << endl; }
int main() {
    B b({{"a", 7}}); b.show();
    B c{{{"a", 7}, {"b", 8}}, {1, 2, 3}}; c.show();
    B* d = new B({{"z", 1}}, {4, 4}, {9, 8}); d->show();
    g(); g({4, 2}); g({4, 2}, {7, 8}, {"y", 1}, {{9}, {8}});
}
