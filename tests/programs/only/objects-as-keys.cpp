#include <iostream>
#include <set>
#include <map>
#include <memory>
using namespace std;
struct P { int x, y; bool operator<(const P& o) const { return x != o.x ? x < o.x : y < o.y; } };
struct Q { int v; };
int main() {
  set<P> s; s.insert({2, 1}); s.insert(P{1, 5}); s.insert({1, 5}); cout << s.size() << s.count({1, 5}) << s.count(P{9, 9}); s.erase({2, 1}); cout << s.size() << (s.find({1, 5}) != s.end()) << endl;
  map<P, int> m; m[{1, 2}] = 3; m[P{1, 2}]++; m[{0, 7}] = 1; for (auto& [k, v] : m) cout << k.x << k.y << v << ' '; cout << m.size() << m.count({1, 2}) << endl;
  map<pair<int, int>, int> g; g[{1, 2}] = 5; g[make_pair(1, 2)]++; cout << g[{1, 2}] << g.size() << endl;
  auto sp = make_shared<P>(); sp->x = 4; cout << sp->x << sp->y << endl;
  P* q = new P(); cout << q->x << endl; P z{}; cout << z.y << endl; P w = {3}; cout << w.x << w.y << endl; P u = P(); cout << u.x << endl;
  Q a[3] = {}; cout << a[1].v << endl; Q b = {}; cout << b.v << endl; static int st; cout << st << endl;
}
