#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <set>
#include <optional>
#include <memory>
#include <tuple>
#include <array>
#include <functional>
#include <utility>
#include <deque>
#include <stack>
struct Bed { int n = 1; explicit Bed(int k = 1) : n(k) {} int rows() const { return n; } };
auto f(int k) -> long { return k * 3L; }
int main() {
    for (int i = 1; i < 5; i += 3) {
        auto r = f(i);
        std::cout << r << std::endl;
    }
}
