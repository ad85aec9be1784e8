#include <iostream>
using namespace std;
class A {
protected:
    int x;
    int y;
public:
    A() : x(1) { cout << "A0 "; }
    A(int x) { this->x = x; y = 2; cout << "A1 "; }
    A(int x, int y) { this->x = x; this->y = y; }
    int sum() { return x + y; }
};
class B : public A {
    int z;
public:
    B(int z) : A(z, z) { this->z = z; }
    B(int a, int b) : A(a) { z = b; y = b; }
    int all() { return x + y + z; }
};
class C : public B {
public:
    C() : B(5) {}
    C(int k) : B(k, k + 1) { x += 100; }
    C(const char* s) : C(7) { cout << s << " "; }
};
class D : public C {
    A part = A(3, 4);
    A other = A(8);
public:
    D() {}
    int total() { return part.sum() + other.sum() + all(); }
};
struct E1 : A { int w = 4; E1() = default; E1(int k) : A(k, k), w(k) {} };
int main() {
    B b(3); cout << b.all() << endl;
    B c(4, 5); cout << c.all() << endl;
    C d; cout << d.all() << endl;
    C e(10); cout << e.all() << endl;
    C f("text"); cout << f.all() << endl;
    D g; cout << g.total() << endl;
    E1 h(6); cout << h.sum() << h.w << endl;
    E1 i; cout << i.w << endl;
    A* list[] = { new B(1), new C(2), new A(9, 9) };
    for (A* a : list) cout << a->sum() << " ";
    cout << endl;
}
