#include <iostream>
#include <array>
namespace garden { constexpr int kRows = 3; }
using Grid = std::array<std::array<char, 4>, garden::kRows>;
int main() {
    Grid g{};
    for (auto& row : g) row.fill('.');
    g[1][2] = '#';
    g.at(2).at(0) = '@';
    for (const auto& row : g) { for (auto cell : row) std::cout << cell; std::cout << '\n'; }
    std::swap(g[0], g[2]);
    std::cout << g[0][0] << g.size() << g[0].size() << std::endl;
}
