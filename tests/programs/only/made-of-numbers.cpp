#include <iostream>
using namespace std;
class N { int v; public: N(int v = 0) : v(v) {} N& operator+=(const N& o) { v += o.v; return *this; } N& operator++() { v += 100; return *this; } N& operator--() { v -= 100; return *this; } N operator+(const N& o) const { return N(v + o.v); } bool operator==(const N& o) const { return v == o.v; } bool operator<(const N& o) const { return v < o.v; } void show() const { cout << v << " "; } };
void take(N n) { n.show(); }
void takeRef(const N& n) { n.show(); }
int main() {
    N a(5); a += 1; a.show(); ++a; a.show(); a += 10; a.show(); --a; a.show(); a = a + 4; a.show(); cout << (a == 20) << (a < 3) << endl; take(7); takeRef(8); N b = 9; b.show(); b = 3; b.show(); int k = 2; take(k); (a + k).show(); cout << endl;
}
