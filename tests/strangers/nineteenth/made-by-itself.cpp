#include <iostream>
#include <vector>
using namespace std;
namespace maths { const double PI = 3.14; int twice(int x) { return 2 * x; } namespace deep { int three() { return 3; } } struct P { int x = 1; }; }
class A { int x = 1; public: A() = default; A(const A&) = default; A& operator=(const A&) = default; ~A() = default; A(int x) : x(x) {} int get() const { return x; } };
class B { public: B(const B&) = delete; B() {} int v = 4; };
int main() { A a, b(5), c = b; a = b; cout << a.get() << c.get() << maths::PI << maths::twice(4) << maths::deep::three() << endl; maths::P p; cout << p.x << endl; B x; cout << x.v << endl; using namespace maths; cout << twice(2) << endl; }
