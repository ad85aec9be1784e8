#include <iostream>
#include <string>
#include <vector>
#include <functional>
#include <optional>
#include <variant>
#include <array>
#include <numeric>
#include <ranges>
#include <string_view>

namespace garden {
    constexpr int kRows = 3;
    using Bed = std::array<int, kRows>;

    [[nodiscard]] std::optional<int> first_dry(const Bed& bed) {
        for (int i = 0; i < kRows; ++i)
            if (bed[i] < 2) return i;
        return std::nullopt;
    }

    template <typename F>
    void each(const std::vector<Bed>& beds, F&& f) {
        for (std::size_t i = 0; i < beds.size(); ++i) f(i, beds[i]);
    }
}

auto make_counter() {
    return [n = 0]() mutable { return ++n; };
}

int main() {
    using namespace garden;
    std::vector<Bed> beds{{3, 2, 5}, {4, 1, 1}};
    each(beds, [](auto i, const Bed& bed) {
        std::cout << "bed " << i << ": ";
        if (auto dry = first_dry(bed); dry.has_value()) std::cout << "row " << *dry << " is dry\n";
        else std::cout << "all wet, " << std::accumulate(bed.begin(), bed.end(), 0) << " litres\n";
    });
    auto c = make_counter();
    c(); c();
    std::cout << c() << '\n';
    std::function<int(int)> fact = [&](int n) { return n <= 1 ? 1 : n * fact(n - 1); };
    std::cout << fact(10) << '\n';
    std::vector<std::function<double(double)>> steps{[](double x) { return x + 1; }, [](double x) { return x * x; }};
    double v = 2;
    for (const auto& s : steps) v = s(v);
    std::cout << v << '\n';
    std::vector<int> nums(6);
    std::iota(nums.begin(), nums.end(), 1);
    auto [even, odd] = std::pair{0, 0};
    for (int n : nums) (n % 2 ? odd : even) += n;
    std::cout << even << ' ' << odd << '\n';
    std::string_view sv = "fernhollow";
    std::cout << sv.substr(0, 4) << ' ' << sv.size() << '\n';
}
