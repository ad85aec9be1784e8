#include <iostream>
#include <string>
#include <deque>
#include <set>
#include <tuple>
#include <array>
#include <optional>
#include <numeric>

using namespace std::string_literals;

constexpr std::array<std::pair<int,int>, 4> kSteps{{{0,1},{1,0},{0,-1},{-1,0}}};

struct Maze {
    std::array<std::string, 5> rows{
        "S.#..",
        "..#.#",
        ".#...",
        "...#.",
        "#..#E",
    };
    [[nodiscard]] bool open(int r, int c) const {
        return r >= 0 && r < 5 && c >= 0 && c < 5 && rows[r][c] != '#';
    }
    [[nodiscard]] auto find(char wanted) const -> std::optional<std::pair<int,int>> {
        for (int r = 0; r < 5; ++r)
            if (auto c = rows[r].find(wanted); c != std::string::npos)
                return std::make_pair(r, static_cast<int>(c));
        return std::nullopt;
    }
};

int main() {
    const Maze maze;
    auto start = maze.find('S'), end = maze.find('E');
    if (!start || !end) { std::cout << "no way"s << '\n'; return 1; }
    std::deque<std::tuple<int,int,int>> queue{{start->first, start->second, 0}};
    std::set<std::pair<int,int>> seen{*start};
    int visited = 0;
    while (!queue.empty()) {
        const auto [r, c, d] = queue.front();
        queue.pop_front();
        ++visited;
        if (std::pair{r, c} == *end) {
            std::cout << "reached after " << d << " steps, " << visited << " visited\n";
            break;
        }
        for (const auto& [dr, dc] : kSteps) {
            int nr = r + dr, nc = c + dc;
            if (maze.open(nr, nc) && seen.insert({nr, nc}).second)
                queue.emplace_back(nr, nc, d + 1);
        }
    }
    std::cout << "seen: " << seen.size() << '\n';
    std::array<int, 6> v{};
    std::iota(v.begin(), v.end(), 1);
    std::cout << std::accumulate(v.cbegin(), v.cend(), 1, [](int a, int b) { return a * b; }) << "\n";
    auto x = maze.find('X');
    std::cout << (x.has_value() ? "X" : "no X") << " " << x.value_or(std::pair{-1, -1}).first << '\n';
}
