#include <iostream>
#include <string>
#include <vector>
#include <functional>
#include <optional>
#include <array>
#include <tuple>
#include <utility>

template <typename T>
T largest(const std::vector<T>& v) {
    T best = v.at(0);
    for (const T& x : v) if (x > best) best = x;
    return best;
}

template <typename A, typename B>
struct Pair {
    A first; B second;
    Pair<B, A> swapped() const { return {second, first}; }
};

template <class T, int N>
class Ring {
    std::array<T, N> buf{};
    int start = 0, len = 0;
public:
    bool push(const T& x) {
        if (len == N) return false;
        buf[(start + len++) % N] = x;
        return true;
    }
    std::optional<T> pop() {
        if (len == 0) return std::nullopt;
        T x = buf[start];
        start = (start + 1) % N;
        --len;
        return x;
    }
    int size() const { return len; }
};

template <typename F>
void times(int n, F f) { for (int i = 0; i < n; ++i) f(i); }

std::function<int(int)> adder(int n) { return [n](int x) { return x + n; }; }

std::tuple<int, int, double> stats(const std::vector<int>& v) {
    int lo = v[0], hi = v[0]; double sum = 0;
    for (int x : v) { lo = std::min(lo, x); hi = std::max(hi, x); sum += x; }
    return {lo, hi, sum / v.size()};
}

template <typename T>
void print(const T& t) { std::cout << t << '\n'; }
template <typename T, typename... Rest>
void print(const T& t, const Rest&... rest) { std::cout << t << ' '; print(rest...); }

int main() {
    std::cout << largest<int>({3, 9, 2}) << ' ' << largest(std::vector<std::string>{"fern", "oak"}) << '\n';
    Pair<int, std::string> p{1, "one"};
    auto q = p.swapped();
    std::cout << q.first << q.second << '\n';
    Ring<char, 3> ring;
    for (char c : std::string("abcd")) std::cout << ring.push(c);
    while (auto c = ring.pop()) std::cout << *c;
    std::cout << ring.size() << (ring.pop().has_value() ? "?" : "empty") << '\n';
    int total = 0;
    times(5, [&total](int i) { total += i * i; });
    print(total);
    auto add5 = adder(5);
    std::vector<std::function<int(int)>> fs = {add5, adder(10), [](int x) { return x * x; }};
    for (auto& f : fs) std::cout << f(3) << ' ';
    std::cout << '\n';
    auto [lo, hi, mean] = stats({4, 8, 15});
    print(lo, hi, mean, "end");
    int a, b;
    std::tie(a, b, std::ignore) = stats({7, 1});
    print(a, b);
    auto compose = [](auto f, auto g) { return [=](auto x) { return g(f(x)); }; };
    print(compose(add5, [](int x) { return std::to_string(x) + "!"; })(1));
    std::cout << std::get<2>(std::make_tuple(1, 'x', 2.5)) << std::boolalpha << (std::make_pair(1, 2) < std::make_pair(1, 3)) << '\n';
}
