#include <iostream>
#include <cmath>
#include <vector>
#include <string>
#include <functional>
template <typename T, int N>
class Vec {
    T a[N];
public:
    Vec() { for (int i = 0; i < N; ++i) a[i] = T(); }
    Vec(std::initializer_list<T> l) { int i = 0; for (T x : l) if (i < N) a[i++] = x; while (i < N) a[i++] = T(); }
    T& operator[](int i) { return a[i]; }
    const T& operator[](int i) const { return a[i]; }
    Vec operator+(const Vec& o) const { Vec r; for (int i = 0; i < N; ++i) r[i] = a[i] + o[i]; return r; }
    Vec operator*(T k) const { Vec r(*this); for (int i = 0; i < N; ++i) r.a[i] *= k; return r; }
    Vec& operator+=(const Vec& o) { for (int i = 0; i < N; i++) a[i] += o.a[i]; return *this; }
    T dot(const Vec& o) const { T s{}; for (int i = 0; i < N; ++i) s += a[i] * o.a[i]; return s; }
    double length() const { return std::sqrt(static_cast<double>(dot(*this))); }
    bool operator==(const Vec& o) const { for (int i = 0; i < N; ++i) if (a[i] != o.a[i]) return false; return true; }
};
template <typename T, int N> std::ostream& operator<<(std::ostream& out, const Vec<T, N>& v) { out << "("; for (int i = 0; i < N; ++i) out << (i ? ", " : "") << v[i]; return out << ")"; }
using V3 = Vec<double, 3>;
double bisect(std::function<double(double)> f, double lo, double hi, double eps = 1e-6) { while (hi - lo > eps) { double m = (lo + hi) / 2; if (f(lo) * f(m) <= 0) hi = m; else lo = m; } return (lo + hi) / 2; }
double integrate(double (*f)(double), double a, double b, int n) { double h = (b - a) / n, s = 0; for (int i = 0; i < n; i++) s += f(a + (i + 0.5) * h); return s * h; }
double sq(double x) { return x * x; }
int main() {
    V3 a{1, 2, 3}, b{4, 5};
    std::cout << a + b << ' ' << a * 2 << ' ' << a.dot(b) << ' ' << b[2] << ' ' << a.length() << '\n';
    V3 c = a; c[0] = 9; a += c; std::cout << a << c << (a == c) << '\n';
    Vec<int, 2> p{7, 2}; std::cout << p.length() << ' ' << p * 3 << ' ' << p[0] / p[1] << '\n';
    std::cout << bisect([](double x) { return x * x - 2; }, 0, 2) << ' ' << integrate(sq, 0, 3, 100) << ' ' << bisect(sin, 3, 4) << '\n';
    std::vector<V3> many(2, V3{1, 1, 1}); many[0][1] = 5; std::cout << many[0] << many[1] << '\n';
}
