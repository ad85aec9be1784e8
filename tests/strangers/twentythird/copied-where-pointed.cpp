#include <iostream>
#include <vector>
#include <memory>
using namespace std;
struct N { int x = 1; vector<int> l; };
N make(N* p) { return *p; }
int main() {
  N* p = new N(); p->l.push_back(1);
  N n = *p; n.x = 5; n.l.push_back(2); cout << p->x << p->l.size();
  vector<N> v; v.push_back(*p); v[0].x = 9; v[0].l.clear(); cout << p->x << p->l.size();
  N* q = new N(*p); q->x = 6; q->l.push_back(3); cout << p->x << p->l.size(); N* r = new N(n); r->x = 0; cout << n.x; auto s = make_shared<N>(*p); s->x = 2; cout << p->x; N t(*p); t.x = 77; N w(n); w.x = 66; N z = N(n); z.x = 9; cout << p->x << n.x; q = r; q->x = 3; cout << r->x;
  auto u = make_unique<N>(); u->x = 3; N c = *u; c.x = 4; cout << u->x << c.x;
  n = *p; n.x = 8; cout << p->x;
  *p = n; n.x = 10; cout << p->x << endl;
}
