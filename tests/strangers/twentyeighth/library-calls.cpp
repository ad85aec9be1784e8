#include <iostream>
#include <vector>
#include <string>
#include <functional>
#include <algorithm>
#include <numeric>

template <typename Container, typename Pred>
int countIf(const Container& c, Pred p) {
    int n = 0;
    for (const auto& x : c) if (p(x)) ++n;
    return n;
}

template <class T>
T maxOf(T a, T b) { return a > b ? a : b; }

template <typename T>
struct Box {
    T value;
    Box(T v) : value(v) {}
    void show() const { std::cout << "[" << value << "]"; }
};

std::function<int(int)> adder(int n) { return [n](int x) { return x + n; }; }

int apply(int (*f)(int, int), int a, int b) { return f(a, b); }
int plus_(int a, int b) { return a + b; }
int times(int a, int b) { return a * b; }

int main() {
    std::vector<int> v(10);
    std::iota(v.begin(), v.end(), 1);
    std::vector<int> evens;
    std::copy_if(v.begin(), v.end(), std::back_inserter(evens), [](int x) { return x % 2 == 0; });
    std::vector<int> squares(evens.size());
    std::transform(evens.begin(), evens.end(), squares.begin(), [](int x) { return x * x; });
    for (int s : squares) std::cout << s << ' ';
    std::cout << '\n' << std::accumulate(v.begin(), v.end(), 0) << ' '
              << std::accumulate(v.begin(), v.begin() + 5, 1, [](int a, int b) { return a * b; }) << '\n';
    std::cout << countIf(v, [](int x) { return x > 7; }) << ' ' << std::count(v.begin(), v.end(), 3) << '\n';
    std::cout << maxOf(3, 7) << ' ' << maxOf(2.5, 1.5) << ' ' << maxOf(std::string("pea"), std::string("kale")) << '\n';
    Box<int>(4).show();
    Box<std::string> b("leaf");
    b.show();
    auto add5 = adder(5);
    std::cout << '\n' << add5(3) << ' ' << adder(1)(1) << ' ' << apply(plus_, 3, 4) << ' ' << apply(times, 3, 4) << '\n';
    std::rotate(v.begin(), v.begin() + 3, v.end());
    std::cout << v.front() << v.back() << '\n';
    v.erase(std::remove_if(v.begin(), v.end(), [](int x) { return x % 3 == 0; }), v.end());
    std::sort(v.rbegin(), v.rend());
    for (auto i = v.begin(); i != v.end(); i++) std::cout << *i << (i + 1 == v.end() ? "\n" : " ");
    std::cout << std::boolalpha << std::all_of(v.begin(), v.end(), [](int x) { return x > 0; }) << std::binary_search(evens.begin(), evens.end(), 4) << '\n';
    auto pos = std::find(v.begin(), v.end(), 7);
    std::cout << (pos != v.end() ? std::distance(v.begin(), pos) : -1) << '\n';
    std::vector<std::string> names{"Ivy", "ash", "Elm"};
    std::sort(names.begin(), names.end(), [](std::string a, std::string b) {
        for (auto& c : a) c = tolower(c);
        for (auto& c : b) c = tolower(c);
        return a < b;
    });
    for (const auto& n : names) std::cout << n << ' ';
    int counter = 0;
    auto tick = [&counter]() mutable { return ++counter; };
    tick(); tick();
    std::cout << counter << std::endl;
}
