#include <iostream>
#include <string>
using namespace std;
struct A { string n = "a"; virtual string f() const { return "A" + n; } virtual ~A() {} };
struct B : A { int k = 2; string f() const override { return "B" + n + to_string(k); } };
void show(const A& a) { cout << a.f() << "\n"; }
int main() {
    B b; A& r = b; r.n = "z"; cout << r.f() << b.n << endl; show(r); const A& c = b; cout << c.f() << endl; A copy; copy = b; cout << copy.f() << endl; A* p = &r; p->n = "q"; show(b);
}
