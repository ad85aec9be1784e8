#include <iostream>
using namespace std;
class C { int id; public: C() { id = 1; cout << "C()"; } C(int i) : id(i) { cout << "C(int)"; } int get() const { return id; } };
class E { int id; static int n; public: E() { id = 1; ++n; } E(int i) : id(i) { ++n; } static int c() { return n; } };
int E::n = 0;
int main() { C a; C b(5); E x, y(3), z; cout << E::c() << a.get() << b.get() << endl; }
