#include <iostream>
#include <string>
#include <vector>
#include <algorithm>

int longest(const std::vector<std::string>& names) {
    int most = 0;
    for (const std::string& name : names) {
        most = std::max(most, int(name.size()));
    }
    return most;
}

int main() {
    std::vector<std::string> names{"oak", "willow"};
    names.push_back("elm");
    std::sort(names.begin(), names.end());
    for (std::size_t i = 0; i < names.size(); ++i) {
        std::cout << names[i] << (i + 1 < names.size() ? " " : "\n");
    }
    std::cout << longest(names) << std::endl;
    std::string text = std::to_string(3.5);
    std::cout << text << '\n';
    return 0;
}
