#include <iostream>
using namespace std;
struct B { int k; int x; };
struct C { int x; C(int x) : x(x) {} void show() { cout << x << " " << x / 2 << endl; } };
struct D { int x; double y; D(int a, double b) { x = a; y = b; } };
void f(int& r) { r = -3; }
int main() { int x; f(x); cout << x / 2 << endl; B b{1, -3}; cout << b.x / 2 << endl; C c(7.9); c.show(); C d('a'); d.show(); C* e = new C(2.5); e->show(); D g(1.5, 2); cout << g.x << " " << g.y / 4 << endl; C h = C(3.7); h.show(); C arr[2] = {C(1.5), C(2.5)}; arr[1].show(); }
