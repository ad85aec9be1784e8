#include <iostream>
#include <iomanip>
#include <string>
#include <vector>
#include <set>
#include <map>
#include <numeric>
#include <algorithm>

using Marks = std::map<std::string, std::vector<int>>;

template <typename Container>
double mean(const Container& c) {
    if (c.empty()) return 0;
    return std::accumulate(std::begin(c), std::end(c), 0.0) / c.size();
}
template <typename T>
T clampTo(T v, T lo, T hi) { return v < lo ? lo : v > hi ? hi : v; }

char grade(double m) {
    if (m >= 90) return 'A';
    else if (m >= 75) return 'B';
    else if (m >= 50) return 'C';
    return 'F';
}
double median(std::vector<int> v) {
    std::sort(v.begin(), v.end());
    size_t n = v.size();
    return n == 0 ? 0 : n % 2 ? v[n / 2] : (v[n / 2 - 1] + v[n / 2]) / 2.0;
}
int main() {
    Marks marks;
    std::string name;
    int mark;
    while (std::cin >> name >> mark) marks[name].push_back(clampTo(mark, 0, 100));
    std::cout << std::left << std::setw(8) << "Name" << std::right << std::setw(7) << "Mean" << std::setw(7) << "Med" << "  G\n" << std::string(26, '-') << '\n';
    std::vector<std::pair<double, std::string>> order;
    std::map<char, std::set<std::string>> byGrade;
    std::vector<int> all;
    for (const auto& [who, list] : marks) {
        double m = mean(list);
        order.push_back({m, who});
        byGrade[grade(m)].insert(who);
        all.insert(all.end(), list.begin(), list.end());
        std::cout << std::left << std::setw(8) << who << std::right << std::fixed << std::setprecision(1) << std::setw(7) << m << std::setw(7) << median(list) << "  " << grade(m) << '\n';
    }
    std::sort(order.begin(), order.end(), [](const auto& a, const auto& b) { return a.first != b.first ? a.first > b.first : a.second < b.second; });
    int place = 0;
    double last = -1;
    for (size_t i = 0; i < order.size(); ++i) {
        if (order[i].first != last) place = i + 1;
        last = order[i].first;
        std::cout << place << ". " << order[i].second << '\n';
    }
    for (auto it = byGrade.begin(); it != byGrade.end(); ++it) {
        std::cout << it->first << ':';
        for (const std::string& s : it->second) std::cout << ' ' << s;
        std::cout << '\n';
    }
    auto [lo, hi] = std::minmax_element(all.begin(), all.end());
    std::cout << *lo << ' ' << *hi << ' ' << mean(all) << ' ' << std::count_if(all.begin(), all.end(), [](int x) { return x >= 50; }) << '/' << all.size() << '\n';
    std::vector<int> hist(11);
    for (int x : all) ++hist[x / 10];
    for (int i = 0; i <= 10; ++i) if (hist[i]) std::cout << std::setw(3) << i * 10 << ' ' << std::string(hist[i], '*') << '\n';
}
