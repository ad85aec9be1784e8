#include <iostream>
#include <optional>
#include <string>
namespace garden {
    namespace detail { static int calls = 0; }
    std::optional<int> parse(const std::string& s) {
        ++detail::calls;
        int v = 0;
        if (s.empty()) return std::nullopt;
        for (char c : s) {
            if (c < '0' || c > '9') return {};
            v = v * 10 + (c - '0');
        }
        return v;
    }
}
int main() {
    for (auto s : {"42", "", "4x"}) {
        if (auto n = garden::parse(s); n.has_value()) std::cout << *n + 1 << '\n';
        else std::cout << '"' << s << "\" is no number\n";
    }
    std::cout << garden::parse("zz").value_or(-1) << ' ' << garden::detail::calls << '\n';
}
