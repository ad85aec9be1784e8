#include <iostream>
#include <vector>
#include <algorithm>
#include <numeric>
#include <functional>
#include <string>

template <typename T>
T biggest(const std::vector<T>& v) {
    T best = v[0];
    for (const T& x : v) {
        if (best < x) best = x;
    }
    return best;
}

template <class T, class F>
void apply(std::vector<T>& v, F f) {
    for (auto& x : v) x = f(x);
}

void swapValues(int& a, int& b) { int t = a; a = b; b = t; }
void addOne(int* p) { ++*p; }
int factorial(int n) { return n <= 1 ? 1 : n * factorial(n - 1); }
double mean(const std::vector<double>& v) { return std::accumulate(v.begin(), v.end(), 0.0) / v.size(); }
int area(int w, int h = 1) { return w * h; }
double area(double r) { return 3.14159 * r * r; }

int main() {
    std::vector<int> v{5, 2, 8, 1, 9};
    std::cout << biggest(v) << " " << biggest(std::vector<std::string>{"ash", "oak", "elm"}) << std::endl;
    apply(v, [](int x) { return x * 2; });
    for (auto it = v.begin(); it != v.end(); ++it) std::cout << *it << (it + 1 != v.end() ? "," : "\n");
    int a = 3, b = 4;
    swapValues(a, b);
    addOne(&a);
    std::cout << a << b << " " << factorial(6) << " " << mean({1.5, 2.5, 5}) << std::endl;
    std::cout << area(4) << " " << area(4, 5) << " " << area(2.0) << std::endl;
    std::sort(v.begin(), v.end(), std::greater<int>());
    auto even = std::count_if(v.begin(), v.end(), [](int x) { return x % 4 == 0; });
    std::cout << even << " " << v.front() << " " << v.back() << std::endl;
    std::function<int(int)> twice = [&](int x) { return x * a; };
    std::cout << twice(10) << std::endl;
    std::vector<int> squares(5);
    std::iota(squares.begin(), squares.end(), 1);
    std::transform(squares.begin(), squares.end(), squares.begin(), [](int x) { return x * x; });
    for (int s : squares) std::cout << s << ' ';
    std::cout << '\n';
    int arr[] = {3, 1, 2};
    int* p = arr;
    std::cout << *p << *(p + 1) << p[2] << " " << sizeof(arr) / sizeof(int) << std::endl;
    bool found = std::find(std::begin(arr), std::end(arr), 2) != std::end(arr);
    std::cout << std::boolalpha << found << std::endl;
    v.insert(v.begin() + 1, 100);
    v.erase(v.begin());
    v.resize(3);
    std::cout << v.size() << v[0] << std::endl;
    const auto [mn, mx] = std::minmax_element(v.begin(), v.end());
    std::cout << *mn << " " << *mx << std::endl;
}
