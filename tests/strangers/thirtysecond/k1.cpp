#include <iostream>
#include <optional>
#include <string>
namespace garden {
    std::optional<int> parse(const std::string& s) {
        return 3;
    }
}
int main() {
    std::string s = "a";
    auto n = garden::parse(s);
    if (n.has_value()) std::cout << *n + 1 << '\n';
    std::cout << garden::parse("zz").value_or(-1) << '\n';
}
