#include <iostream>
#include <vector>
#include <memory>
using namespace std;
struct N { int x = 1; vector<int> l; };
N make(N* p) { return *p; }
int main() {
  N* p = new N(); p->l.push_back(1);
  N n = *p; n.x = 5; n.l.push_back(2); cout << p->x << p->l.size() << '/';
  vector<N> v; v.push_back(*p); v[0].x = 9; v[0].l.clear(); cout << p->x << p->l.size() << '/';
  N m = make(p); m.x = 7; cout << p->x<< '/';
  auto u = make_unique<N>(); u->x = 3; N c = *u; c.x = 4; cout << u->x << c.x<< '/';
  n = *p; n.x = 8; cout << p->x<< '/';
  *p = n; n.x = 10; cout << p->x << endl;
}
