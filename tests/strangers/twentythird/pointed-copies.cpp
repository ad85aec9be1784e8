#include <iostream>
#include <vector>
#include <map>
#include <string>
using namespace std;
struct N { int x = 1; vector<int> l; };
void f(N n) { n.x = 9; n.l.push_back(1); }
N g(N* p) { return *p; }
N h(vector<N*>& ps) { return *ps[0]; }
int main() {
  N* p = new N(); N* q = new N{2, {5}};
  f(*p); cout << p->x << p->l.size() << '/';
  N a = g(p); a.x = 7; cout << p->x << '/';
  vector<N*> ps = {p, q}; N b = h(ps); b.x = 8; cout << p->x << '/';
  vector<N> v = {*p, *q}; v[0].x = 77; v[1].l.clear(); cout << p->x << q->l.size() << '/';
  map<string, N> m; m["k"] = *p; m["k"].x = 66; cout << p->x << '/';
  bool c = true; N d = c ? *p : *q; d.x = 55; cout << p->x << '/';
  for (N* r : ps) { N s = *r; s.x = 44; s.l.push_back(4); } cout << p->x << q->x << q->l.size() << '/';
  N arr[2] = {*p, *q}; arr[1].x = 33; cout << q->x << '/';
  v[0] = *q; v[0].x = 22; cout << q->x << '/';
  N& ref = *p; ref.x = 5; cout << p->x << '/';
  const N& cr = *q; q->x = 6; cout << cr.x << '/';
  auto e = *p; e.x = 100; cout << p->x << '/';
  N w; w = *p; w.x = 101; cout << p->x << '/';
  swap(*p, *q); cout << p->x << q->x << endl;
}
