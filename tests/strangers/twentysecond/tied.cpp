#include <iostream>
#include <tuple>
#include <string>
std::tuple<int, double, std::string> s(int a) { return {a, a / 2.0, "x"}; }
int main() { int t; double m; std::tie(t, m, std::ignore) = s(5); std::cout << t << ' ' << m << '\n'; std::string w; std::tie(t, std::ignore, w) = s(7); std::cout << t << w << '\n'; int a = 1, b = 2; std::tie(a, b) = std::make_tuple(b, a); std::cout << a << b << std::endl; }
