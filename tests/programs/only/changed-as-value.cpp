#include <iostream>
struct V { int x; V& operator+=(const V& o) { x += o.x; return *this; } };
V operator+(V a, const V& b) { return a += b; }
V plus(V a, const V& b) { a += b; return a; }
int main() {
    V a{1}, b{2}; V c = a + b; V d = plus(a, b); std::cout << c.x << a.x << d.x << (a += b).x << a.x << std::endl;
}
