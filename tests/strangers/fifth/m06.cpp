#include <iostream>
#include <vector>
#include <map>
#include <algorithm>
#include <string>

int main() {
    std::map<std::string, int> stock;
    stock["hose"] = 2;
    stock["rake"] += 5;
    stock["hose"]++;
    for (const auto& item : stock)
        std::cout << item.first << ": " << item.second << '\n';
    if (stock.find("spade") == stock.end()) std::cout << "no spade\n";
    stock.erase("rake");
    std::cout << stock.size() << ' ' << stock.count("rake") << '\n';
    std::vector<std::string> names;
    names.push_back("Wren");
    names.push_back("Fern");
    names.insert(names.begin(), "Moss");
    std::sort(names.begin(), names.end());
    for (std::size_t i = 0; i < names.size(); ++i) std::cout << i << names.at(i) << (i + 1 < names.size() ? "," : "\n");
    std::vector<int> v = {4, 8, 15, 16, 23, 42};
    int total = 0;
    for (std::vector<int>::iterator it = v.begin(); it != v.end(); ++it) total += *it;
    std::cout << total << ' ' << *std::min_element(v.begin(), v.end()) << '\n';
    auto it = std::find(v.begin(), v.end(), 15);
    if (it != v.end()) std::cout << "found at " << it - v.begin() << '\n';
    v.erase(v.begin() + 1);
    v.pop_back();
    std::cout << v.front() << ' ' << v.back() << ' ' << v.size() << '\n';
    std::vector<std::vector<int>> grid(2, std::vector<int>(3, 7));
    grid[1][2] = 0;
    for (auto& row : grid) { for (auto x : row) std::cout << x; std::cout << '\n'; }
    return 0;
}
