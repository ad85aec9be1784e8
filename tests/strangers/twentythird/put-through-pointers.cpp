#include <iostream>
#include <vector>
using namespace std;
struct C { int a = 1; int b = 2; };
void reset(C& c) { c = C(); }
void put(C* c, C v) { *c = v; }
struct G { vector<vector<C>> cells; G() : cells(2, vector<C>(2)) {} C& at(int x, int y) { return cells.at(y).at(x); } 
 void f() { for (int i = 0; i < 2; i++) { auto& c = at(i, 0); c.a += 5; } } void g() { C& c = at(0, 0); c = C(); } 
 void swap2(C& x, C& y) { C t = x; x = y; y = t; } };
int main() {
  C c; c.a = 9; reset(c); cout << c.a;
  C d; d.b = 7; put(&c, d); cout << c.b << d.b;
  G g; g.f(); cout << g.at(0, 0).a; g.g(); cout << g.at(0, 0).a << g.at(1, 0).a;
  vector<C> v(2); v[0].a = 4; for (auto& x : v) if (x.a == 4) x = C{8, 8}; cout << v[0].a << v[1].a;
  C& r = v[1]; r = v[0]; r.b = 0; cout << v[1].a << v[1].b << v[0].b; 
  g.swap2(v[0], v[1]); cout << v[0].b << v[1].b;
}
