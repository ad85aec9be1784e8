// Pond simulation with own random numbers so that everyone gets the same result
#include <array>
#include <cstdint>
#include <deque>
#include <iostream>
#include <list>
#include <string>
#include <string_view>
#include <tuple>
#include <variant>
#include <vector>

namespace pond {

class Random {
public:
    explicit Random(std::uint32_t seed) : state_(seed) {}
    int next(int limit) {
        state_ = state_ * 1664525u + 1013904223u;
        return static_cast<int>((state_ >> 16) % limit);
    }
private:
    std::uint32_t state_;
};

enum class Kind : char { Frog = 'F', Fly = 'y', Empty = '.' };

struct Cell {
    Kind kind = Kind::Empty;
    int energy{0};
};

template <std::size_t W, std::size_t H>
class Pond {
    std::array<std::array<Cell, W>, H> cells_{};
    Random random_;
    int eaten_ = 0;
public:
    explicit Pond(std::uint32_t seed) : random_{seed} {}
    void put(int x, int y, Kind kind) { cells_[y][x] = Cell{kind, kind == Kind::Frog ? 3 : 1}; }
    void step() {
        for (std::size_t y = 0; y < H; ++y) {
            for (std::size_t x = 0; x < W; ++x) {
                Cell& here = cells_[y][x];
                if (here.kind != Kind::Fly) continue;
                const std::size_t nx = (x + W - 1 + random_.next(3)) % W;
                Cell& there = cells_[y][nx];
                if (there.kind == Kind::Empty) std::swap(here, there);
                else if (there.kind == Kind::Frog) {
                    there.energy += here.energy;
                    here = {};
                    ++eaten_;
                }
            }
        }
    }
    int eaten() const { return eaten_; }
    void print(std::string_view title) const {
        std::cout << "== " << title << " ==\n";
        for (const auto& row : cells_) {
            for (const auto& cell : row) std::cout << static_cast<char>(cell.kind);
            std::cout << '\n';
        }
    }
};

} // namespace pond

std::tuple<int, double, std::string> summary(const std::vector<int>& v) {
    int total = 0;
    for (auto x : v) total += x;
    return {total, v.empty() ? 0.0 : static_cast<double>(total) / v.size(), total > 3 ? "many" : "few"};
}

int main() {
    using namespace pond;
    constexpr int steps = 12;
    Pond<8, 3> p(42);
    for (int i = 0; i < 8; i += 2) { p.put(i, 0, Kind::Fly); p.put(i, 2, Kind::Fly); }
    p.put(3, 0, Kind::Frog);
    p.put(5, 2, Kind::Frog);
    p.print("start");
    std::vector<int> history;
    for (int i = 0; i < steps; ++i) { p.step(); history.push_back(p.eaten()); }
    p.print("end");
    const auto [total, mean, word] = summary(history);
    std::cout << total << ' ' << mean << ' ' << word << '\n';
    int t; double m;
    std::tie(t, m, std::ignore) = summary({1, 2});
    std::cout << t << ' ' << m << '\n';
    std::list<int> l{3, 1, 2};
    l.sort();
    l.push_front(0);
    l.remove(2);
    for (int x : l) std::cout << x << ' ';
    std::deque<std::string> d;
    d.push_back("b"); d.push_front("a"); d.emplace_back("c");
    std::cout << d[1] << d.front() << d.size() << '\n';
    std::vector<std::variant<int, std::string>> mixed{1, "two", 3};
    for (const auto& x : mixed)
        if (std::holds_alternative<int>(x)) std::cout << std::get<int>(x) << ' ';
        else std::cout << '"' << std::get<std::string>(x) << "\" ";
    std::cout << '\n';
}
