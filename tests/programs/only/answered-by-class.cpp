#include <iostream>
#include <vector>
using namespace std;
class A { protected: int n = 1; public: virtual string name() { return "A"; } string plain() { return "pa"; } string both() { return plain() + name(); } virtual ~A() {} };
class B : public A { int m = 2; public: string name() override { return "B" + A::name(); } string plain() { return "pb" + to_string(m); } };
void show(A& a) { cout << a.name() << a.plain(); }
void copy(A a) { cout << a.name() << a.plain(); }
int main() {
  B b; A a; show(b); show(a); copy(b); b.plain();
  cout << b.plain() << b.both() << endl;
  A* p = new B(); cout << p->name() << p->plain() << endl;
  vector<A*> v = {&a, &b}; for (A* x : v) cout << x->name() << x->plain();
  delete p;
}
