#include <iostream>
#include <string>
#include <vector>

int main() {
    std::string name = "bean";
    std::vector<int> v{1, 2};
    for (std::size_t i = 0; i < v.size(); ++i) {
        std::cout << name << v[i] << std::endl;
    }
    std::cout << std::max(1, 2) << '\n';
}
