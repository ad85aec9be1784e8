#include <iostream>
#include <string>
#include <vector>
#include <map>
#include <memory>
#include <functional>
#include <algorithm>
#include <sstream>

namespace garden {

enum class Season { Spring, Summer, Autumn, Winter };

std::string toString(Season s) {
    switch (s) {
        case Season::Spring: return "spring";
        case Season::Summer: return "summer";
        case Season::Autumn: return "autumn";
        case Season::Winter: return "winter";
    }
    return "?";
}

class Plant {
public:
    explicit Plant(std::string name, int height = 0) : name_{std::move(name)}, height_{height} {}
    virtual ~Plant() = default;
    virtual void grow(Season season) = 0;
    virtual std::string describe() const {
        std::ostringstream out;
        out << name_ << " (" << height_ << " cm)";
        return out.str();
    }
    const std::string& name() const noexcept { return name_; }
    int height() const noexcept { return height_; }

protected:
    void add(int cm) { height_ += cm; }

private:
    std::string name_;
    int height_;
};

class Annual : public Plant {
public:
    using Plant::Plant;
    void grow(Season season) override {
        if (season == Season::Spring || season == Season::Summer) add(10);
        else if (season == Season::Winter) add(-height());
    }
};

class Tree final : public Plant {
public:
    Tree(const std::string& name, int height, bool evergreen) : Plant(name, height), evergreen(evergreen) {}
    void grow(Season season) override { add(season == Season::Winter && !evergreen ? 0 : 3); }
    std::string describe() const override { return Plant::describe() + (evergreen ? " evergreen" : " deciduous"); }

private:
    bool evergreen;
};

}  // namespace garden

using garden::Plant;
using garden::Season;

static int countTaller(const std::vector<std::unique_ptr<Plant>>& plants, int limit) {
    int n = 0;
    for (const auto& p : plants)
        if (p->height() > limit) ++n;
    return n;
}

int main() {
    std::vector<std::unique_ptr<Plant>> plants;
    plants.push_back(std::make_unique<garden::Annual>("poppy"));
    plants.push_back(std::make_unique<garden::Annual>("bean", 5));
    plants.emplace_back(std::make_unique<garden::Tree>("yew", 120, true));
    plants.push_back(std::make_unique<garden::Tree>("ash", 200, false));

    for (Season season : {Season::Spring, Season::Summer, Season::Autumn, Season::Winter}) {
        std::cout << garden::toString(season) << ":";
        for (auto& plant : plants) {
            plant->grow(season);
            std::cout << ' ' << plant->name() << '=' << plant->height();
        }
        std::cout << '\n';
    }
    for (const auto& plant : plants) std::cout << plant->describe() << std::endl;
    std::sort(plants.begin(), plants.end(), [](const std::unique_ptr<Plant>& a, const std::unique_ptr<Plant>& b) { return a->height() > b->height(); });
    std::cout << plants.front()->name() << " is tallest, " << countTaller(plants, 100) << " over 1 m" << std::endl;

    std::map<std::string, std::function<double(double, double)>> ops{
        {"+", [](double a, double b) { return a + b; }},
        {"-", [](double a, double b) { return a - b; }},
        {"*", std::multiplies<double>()},
    };
    for (const auto& [symbol, op] : ops) std::cout << "6 " << symbol << " 3 = " << op(6, 3) << '\n';

    auto counter = [n = 0]() mutable { return ++n; };
    counter();
    std::cout << counter() << counter() << '\n';
    std::shared_ptr<int> shared = std::make_shared<int>(42);
    auto copy = shared;
    *copy += 1;
    std::cout << *shared << '\n';
    return 0;
}
