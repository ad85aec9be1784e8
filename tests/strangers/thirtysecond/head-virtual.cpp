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
struct Base {
    virtual std::function<int(int)> f(int k) = 0;
    virtual ~Base() = default;
};
struct Shed : Base {
    std::function<int(int)> f(int k) override { return [k](int x) { return x + k; }; }
};
int main() {
    Shed s;
    Base& b = s;
    for (int i = 1; i < 5; i += 3) {
        auto r = b.f(i);
        std::cout << r(4) << std::endl;
    }
}
