#include <iostream>
#include <string>
class P { int x, y; std::string name; public: P() : P(1, 2) { x++; } P(int a, int b) : P(a, b, "pt") {} P(int a, int b, std::string n) : x(a), y(b), name(n) {} explicit P(const std::string& s) : P() { name = s; } void show() const { std::cout << x << y << name << '\n'; } };
class Q { int a, b; public: Q(int x = 3, int y = 4) : a(x), b(y) {} Q(std::string t) : Q() { a = t.size(); } void show() { std::cout << a << b << '\n'; } };
struct T { int h, m; T() : T(0) {} T(int t) : h(t / 60), m(t % 60) {} T(int a, int b) : T(a * 60 + b) {} };
int main() { P a; a.show(); P b(5, 6); b.show(); P c(7, 8, "c"); c.show(); P d(std::string("dd")); d.show(); Q q("hello"); q.show(); Q r; r.show(); Q s(9); s.show(); T t(1, 75), u, v(61); std::cout << t.h << t.m << u.h << v.m << std::endl; P arr[2]; arr[1].show(); }
