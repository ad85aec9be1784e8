#include <iostream>
#include <array>
#include <algorithm>
#include <utility>
#include <tuple>
#include <optional>
#include <unordered_map>
#include <string_view>
#include <numeric>
#include <vector>

namespace garden {
    constexpr int kRows = 3;
    inline int area(int w, int h) { return w * h; }
    namespace detail { static int calls = 0; }
    std::optional<int> parse(std::string_view s) {
        ++detail::calls;
        int v = 0;
        if (s.empty()) return std::nullopt;
        for (char c : s) {
            if (c < '0' || c > '9') return {};
            v = v * 10 + (c - '0');
        }
        return v;
    }
}
using Grid = std::array<std::array<char, 4>, garden::kRows>;

std::tuple<int, double, std::string> stats(const std::vector<int>& v) {
    int sum = std::accumulate(v.begin(), v.end(), 0);
    return {sum, sum / static_cast<double>(v.size()), v.size() > 3 ? "many" : "few"};
}

void print(const Grid& g) {
    for (const auto& row : g) {
        for (auto cell : row) std::cout << cell;
        std::cout << '\n';
    }
}

int main() {
    Grid g{};
    for (auto& row : g) row.fill('.');
    g[1][2] = '#';
    g.at(2).at(0) = '@';
    print(g);
    auto [sum, mean, word] = stats({4, 8, 15, 16});
    std::cout << sum << ' ' << mean << ' ' << word << '\n';
    for (auto s : {"42", "", "4x"}) {
        if (auto n = garden::parse(s); n.has_value()) std::cout << *n + 1 << '\n';
        else std::cout << '"' << s << "\" is no number\n";
    }
    std::cout << garden::parse("zz").value_or(-1) << ' ' << garden::detail::calls << '\n';
    std::unordered_map<std::string, int> ages{{"ivy", 3}, {"elm", 80}};
    ages["fig"]++;
    if (auto it = ages.find("elm"); it != ages.end()) std::cout << it->first << it->second << '\n';
    std::cout << ages.size() << ages.count("oak") << ages.at("fig") << '\n';
    auto p = std::make_pair(2, std::string("two"));
    std::cout << p.first << std::get<1>(p) << '\n';
    std::swap(g[0], g[2]);
    print(g);
    int i = 10;
    while (i --> 7) std::cout << i << ",";
    std::cout << std::endl;
    auto lambda = [count = 0]() mutable { return ++count; };
    lambda(); lambda();
    std::cout << lambda() << std::endl;
    std::cout << garden::area(3, 4) << " " << std::min({3, 1, 2}) << " " << std::clamp(15, 0, 10) << std::endl;
}
