#include <iostream>
#include <string>
#include <vector>
#include <functional>
#include <optional>
#include <array>
#include <numeric>

enum class Season { Spring, Summer, Autumn, Winter };

std::string name(Season s) {
    switch (s) {
        case Season::Spring: return "spring";
        case Season::Summer: return "summer";
        case Season::Autumn: return "autumn";
        case Season::Winter: return "winter";
    }
    return "?";
}
Season next(Season s) { return static_cast<Season>((static_cast<int>(s) + 1) % 4); }

template <typename T, typename F>
std::vector<T> filter(const std::vector<T>& v, F keep) {
    std::vector<T> out;
    for (const auto& x : v) if (keep(x)) out.push_back(x);
    return out;
}
template <typename T>
std::optional<T> firstOver(const std::vector<T>& v, T limit) {
    for (auto x : v) if (x > limit) return x;
    return std::nullopt;
}
auto makeCounter(int start) { return [start]() mutable { return start++; }; }

int main() {
    Season s = Season::Autumn;
    for (int i = 0; i < 3; ++i, s = next(s)) std::cout << name(s) << (i < 2 ? ", " : "\n");
    std::vector<int> v{5, 12, 7, 20, 3};
    for (int x : filter(v, [](int n) { return n % 2 == 1; })) std::cout << x << ' ';
    std::cout << '\n';
    if (auto f = firstOver(v, 10)) std::cout << "first: " << *f << '\n';
    std::cout << firstOver(v, 100).value_or(-1) << ' ' << firstOver(v, 100).has_value() << '\n';
    auto c = makeCounter(5);
    c(); c();
    std::cout << c() << '\n';
    std::array<double, 4> rain{1.5, 0, 2.25, 3};
    std::cout << std::accumulate(rain.begin(), rain.end(), 0.0) / rain.size() << '\n';
    std::function<int(int)> fact = [&fact](int n) { return n <= 1 ? 1 : n * fact(n - 1); };
    std::cout << fact(10) << '\n';
    std::vector<std::function<double(double)>> ops{[](double x) { return x * x; }, [](double x) { return x / 3; }};
    for (auto& op : ops) std::cout << op(5) << ' ';
    std::cout << std::endl;
    constexpr int squares = 4 * 4;
    static_assert(squares == 16, "wrong");
    std::cout << R"(raw "text" \n)" << ' ' << 0x1F << ' ' << 1'000 << ' ' << sizeof(int) << '\n';
}
