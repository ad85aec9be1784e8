#include <iostream>
#include <iomanip>
#include <fstream>
#include <sstream>
#include <vector>
#include <map>
#include <string>
#include <algorithm>
#include <numeric>
#include <memory>
#include <stdexcept>

enum class Kind { Herb, Tree, Vine };

std::string toString(Kind k) {
    switch (k) {
        case Kind::Herb: return "herb";
        case Kind::Tree: return "tree";
        case Kind::Vine: return "vine";
    }
    return "?";
}

class Plant {
protected:
    std::string name_;
    double height_{0.0};
    Kind kind_;
public:
    Plant(std::string name, double height, Kind kind) : name_(std::move(name)), height_(height), kind_(kind) {}
    virtual ~Plant() = default;
    virtual double yield() const = 0;
    const std::string& name() const { return name_; }
    Kind kind() const { return kind_; }
    friend std::ostream& operator<<(std::ostream& os, const Plant& p) {
        return os << std::left << std::setw(8) << p.name_ << std::right << std::setw(7) << std::fixed << std::setprecision(1) << p.height_;
    }
};

class Bean : public Plant {
    int pods_;
public:
    Bean(double h, int pods) : Plant("bean", h, Kind::Vine), pods_(pods) {}
    double yield() const override { return pods_ * 0.25; }
};

class Apple final : public Plant {
public:
    explicit Apple(double h) : Plant("apple", h, Kind::Tree) {}
    double yield() const override { return height_ * height_; }
};

template <typename T>
T clampTo(T v, T lo, T hi) { return std::max(lo, std::min(v, hi)); }

int main() {
    std::vector<std::unique_ptr<Plant>> plants;
    plants.push_back(std::make_unique<Bean>(1.8, 24));
    plants.emplace_back(std::make_unique<Apple>(3.5));
    for (const auto& p : plants) std::cout << *p << " " << toString(p->kind()) << " " << p->yield() << '\n';
    double total = std::accumulate(plants.begin(), plants.end(), 0.0, [](double sum, const auto& p) { return sum + p->yield(); });
    std::cout << "total " << total << '\n';
    auto best = std::max_element(plants.begin(), plants.end(), [](const auto& a, const auto& b) { return a->yield() < b->yield(); });
    std::cout << (*best)->name() << '\n';
    std::map<char, int> letters;
    for (char c : std::string("hedgehog")) ++letters[c];
    for (const auto& [letter, n] : letters) std::cout << letter << n << ' ';
    std::cout << '\n';
    std::istringstream in("3 4 x 5");
    int n, sum = 0;
    while (in >> n) sum += n;
    std::cout << sum << (in.fail() ? " stopped" : " all") << '\n';
    std::vector<int> v(10);
    std::iota(v.begin(), v.end(), 1);
    v.erase(std::remove_if(v.begin(), v.end(), [](int x) { return x % 3 == 0; }), v.end());
    std::transform(v.begin(), v.end(), v.begin(), [](int x) { return x * x; });
    for (auto it = v.rbegin(); it != v.rend(); ++it) std::cout << *it << (it + 1 == v.rend() ? "\n" : ",");
    std::cout << clampTo(15, 0, 10) << ' ' << clampTo(-0.5, 0.0, 1.0) << '\n';
    try {
        if (v.at(50) > 0) std::cout << "never";
    } catch (const std::out_of_range& e) {
        std::cout << "out of range\n";
    }
    int grid[3][4] = {{1, 2, 3, 4}, {5, 6}};
    int rows = sizeof(grid) / sizeof(grid[0]);
    std::cout << rows << ' ' << grid[1][1] + grid[2][3] << '\n';
    return 0;
}
