#include <iostream>
#include <string>
#include <vector>
#include <queue>
#include <iomanip>
#include <cmath>
#include <cstdint>

namespace garden {

enum State { EMPTY, SEED, SPROUT, RIPE, STATES };
const char* const NAMES[] = {"empty", "seed", "sprout", "ripe"};

struct Cell {
    State state{EMPTY};
    int water = 0;
    bool operator<(const Cell& other) const { return water < other.water; }
};

class Random {
    std::uint32_t state;
public:
    explicit Random(std::uint32_t seed) : state(seed) {}
    int operator()(int limit) {
        state = state * 1103515245u + 12345u;
        return static_cast<int>((state >> 16) % limit);
    }
};

class Garden {
public:
    Garden(int width, int height, unsigned seed) : width{width}, height{height}, cells(height, std::vector<Cell>(width)), random(seed) {}
    void sow(int n) {
        while (n-- > 0) {
            Cell& c = at(random(width), 1);
            if (c.state == EMPTY) c.state = SEED;
        }
    }
    void rain(int mm) {
        for (auto& row : cells)
            for (auto& cell : row) cell.water += mm + random(3);
    }
    void day() {
        ++days_;
        for (int y = 0; y < height; ++y) {
            for (int x = 0; x < width; ++x) {
                auto& cell = at(x, y);
                if (cell.water < 2) continue;
                cell.water -= 2;
                switch (cell.state) {
                    case SEED: cell.state = SPROUT; break;
                    case SPROUT: if (neighbours(x, y, SPROUT) < 3) cell.state = RIPE; break;
                    case RIPE: harvested++; cell = Cell(); break;
                    default: break;
                }
            }
        }
    }
    int neighbours(int x, int y, State wanted) const {
        int n = 0;
        for (int dy = -1; dy <= 1; dy++)
            for (int dx = -1; dx <= 1; dx++)
                if ((dx || dy) && inside(x + dx, y + dy) && cells[y + dy][x + dx].state == wanted) n++;
        return n;
    }
    bool inside(int x, int y) const { return x >= 0 && y >= 0 && x < width && y < height; }
    void draw() const {
        static const std::string SIGNS = ".,+*";
        for (const auto& row : cells) {
            for (const auto& cell : row) std::cout << SIGNS[cell.state];
            std::cout << '\n';
        }
    }
    int harvested = 0;
    int days() const { return days_; }
private:
    Cell& at(int x, int y) { return cells.at(y).at(x); }
    int width, height;
    std::vector<std::vector<Cell>> cells;
    Random random;
    int days_ = 0;
};

} // namespace garden

using garden::Garden;

int main() {
    Garden g(12, 4, 2024);
    g.sow(20);
    g.draw();
    for (int week = 1; week <= 2; ++week) {
        g.rain(week * 2);
        for (int d = 0; d < 3; ++d) g.day();
        std::cout << "week " << week << ", day " << g.days() << ", harvested " << g.harvested << '\n';
        g.draw();
    }
    for (int s = garden::EMPTY; s < garden::STATES; s++) std::cout << s << '=' << garden::NAMES[s] << (s + 1 < garden::STATES ? ", " : "\n");
    garden::Random dice(7);
    int faces[6]{};
    for (int i = 0; i < 600; i++) ++faces[dice(6)];
    int sum = 0;
    for (int f : faces) { std::cout << std::setw(4) << f; sum += f; }
    std::cout << " = " << sum << std::endl;
    double level = 100; int hours = 0;
    while (level > 1 && hours < 1000) { level *= 0.9; hours++; }
    std::cout << hours << ' ' << std::setprecision(4) << level << ' ' << std::fixed << std::setprecision(1) << std::pow(2, 0.5) << ' ' << std::round(2.5) << ' ' << std::floor(-1.5) << std::endl;
    long long big = 1LL << 40; unsigned char small = 250; small += 10; int wrap = 7 / 2 * 2; short s = -7 % 3;
    std::cout << big << ' ' << int(small) << ' ' << wrap << ' ' << s << ' ' << -7 / 2 << ' ' << 1e10 << ' ' << 5.0 / 2 << std::endl;
}
