#include <iostream>
#include <vector>
#include <string>
#include <map>
#include <algorithm>
#include <iomanip>
#include <sstream>

struct Bed {
    std::string name;
    int plants{0};
    double area = 1.0;
    double density() const { return plants / area; }
    bool operator<(const Bed& other) const { return plants < other.plants; }
};

std::ostream& operator<<(std::ostream& os, const Bed& b) {
    return os << std::setw(8) << std::left << b.name << std::right << std::setw(4) << b.plants << ' ' << std::fixed << std::setprecision(2) << b.density();
}

template <typename T>
T largest(const std::vector<T>& v) {
    T best = v.front();
    for (const auto& x : v) if (best < x) best = x;
    return best;
}

enum class Season { Spring, Summer, Autumn, Winter };

std::string name(Season s) {
    switch (s) {
        case Season::Spring: return "spring";
        case Season::Summer: return "summer";
        default: return "cold";
    }
}

int main() {
    std::vector<Bed> beds{{"north", 4, 2.0}, {"south", 9, 3.0}, {"pond", 1}};
    std::sort(beds.begin(), beds.end(), [](const Bed& a, const Bed& b) { return a.name < b.name; });
    for (const auto& b : beds) std::cout << b << '\n';
    std::cout << largest(beds).name << ' ' << largest(std::vector<int>{3, 8, 2}) << std::endl;
    std::map<std::string, std::vector<int>> sown;
    sown["pea"].push_back(3);
    sown["pea"].push_back(5);
    sown["kale"] = {1, 2};
    for (auto& [key, list] : sown) {
        int sum = 0;
        for (int x : list) sum += x;
        std::cout << key << '=' << sum << (list.size() > 1 ? "*" : "") << "\n";
    }
    if (auto it = sown.find("rose"); it == sown.end()) std::cout << "no rose\n";
    std::istringstream in("4 8 15 16");
    int n, total = 0;
    while (in >> n) total += n;
    std::cout << "total " << total << " " << name(Season::Autumn) << name(Season::Summer) << '\n';
    auto [lo, hi] = std::minmax_element(beds.begin(), beds.end());
    std::cout << lo->name << ' ' << hi->name << '\n';
    unsigned int u = 3;
    long long big = 1LL << 40;
    std::cout << u << ' ' << big << ' ' << static_cast<int>('A') << ' ' << char('a' + 2) << ' ' << std::boolalpha << (u > 2) << '\n';
    return 0;
}
