#include <iostream>
#include <string>
#include <vector>
class R { long long n, d; public: R(long long a = 0, long long b = 1) : n{a}, d{b} {} R(const std::string& t) : n(t.size()), d(7) {} long long num() const { return n; } long long den() const { return d; }
 R operator-() const { return {-n, d}; } R plus(const R& o) const { return R(n * o.d + o.n * d, d * o.d); } };
R operator+(const R& a, const R& b) { return a.plus(b); }
R five() { return 5; }
R text() { return std::string("abc"); }
std::ostream& operator<<(std::ostream& os, const R& r) { os << r.num() << '/' << r.den(); return os; }
int main() { R a(1, 2), b{3}; std::cout << -a << ' ' << a + b << ' ' << five() << ' ' << text() << ' ' << a + 2 << ' ' << 1 + a << '\n'; std::vector<R> v{a, b, 2, R("xy")}; for (const auto& x : v) std::cout << x << ' '; R c = 9; c = 4; std::cout << c; v.push_back(6); v.push_back({1, 8}); std::cout << v.back() << v[4] << '\n'; R s; for (int i = 0; i < 2; i++) s = s + R(1, i + 1); std::cout << s; }
