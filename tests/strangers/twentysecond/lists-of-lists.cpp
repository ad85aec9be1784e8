#include <iostream>
#include <vector>
class M { public: M(size_t a, size_t b, double f = 0.0) : s(a * b * f) {} M(std::initializer_list<std::initializer_list<double>> init) { for (const auto& row : init) for (double x : row) s += x; } double s = 0; };
double f(M m) { return m.s; }
double g(const M& m, int k) { return m.s * k; }
M h() { return {{1, 2}, {3}}; }
int main() { std::cout << f({{1, 1}, {1, 0}}) << ' ' << g({{2}}, 2) << ' ' << f({2, 3, 1.5}) << ' ' << h().s << ' ' << f(M{{1}, {2}}) << ' ' << f(M(2, 2, 2)) << '\n'; std::vector<M> v; v.push_back({{4, 4}, {4}}); v.push_back(M{{1}}); std::cout << v[0].s << v[1].s << '\n'; }
