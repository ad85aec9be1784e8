#include <iostream>
#include <vector>
template <typename F> void each(const std::vector<int>& v, F&& f) { for (auto&& x : v) f(x); }
[[nodiscard]] int twice(int x) { return 2 * x; }
int add(int a, [[maybe_unused]] int b) { return a; }
int main() { each({1, 2}, [](int x) { std::cout << twice(x); }); std::cout << add(1, 2); }
