#include <iostream>
using namespace std;
class D { int v; public: D(int x = 0) : v(x) {} D operator++(int) { D t(*this); v++; return t; } D& operator++() { v++; return *this; } explicit operator int() const { return v; } operator bool() const { return v > 0; } int get() { return v; } };
int main() { D a(1); cout << (a++).get() << a.get() << (++a).get() << int(a) << (a ? 'y' : 'n') << (D(0) ? 'y' : 'n') << !a; D arr[2]; arr[0]++; ++arr[1]; cout << arr[0].get() << arr[1].get(); while (a) { a = D(int(a) - 1); } cout << a.get(); }
