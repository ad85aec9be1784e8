#include <iostream>
#include <vector>
#include <memory>
#include <string>
#include <algorithm>
#include <numeric>
#include <iterator>
#include <cmath>

template <typename T>
struct Point {
    T x{}, y{};
    Point operator+(const Point& o) const { return {x + o.x, y + o.y}; }
    Point operator*(T k) const { return {x * k, y * k}; }
    bool operator==(const Point&) const = default;
    double norm() const { return std::sqrt(x * x + y * y); }
};

template <typename T>
std::ostream& operator<<(std::ostream& os, const Point<T>& p) { return os << "(" << p.x << ", " << p.y << ")"; }

class Observer {
public:
    virtual void notify(int value) = 0;
    virtual ~Observer() = default;
};

class Logger : public Observer {
    std::string prefix;
    std::vector<int> seen;
public:
    explicit Logger(std::string p) : prefix(std::move(p)) {}
    void notify(int value) override {
        seen.push_back(value);
        std::cout << prefix << value << '\n';
    }
    int total() const { return std::accumulate(seen.begin(), seen.end(), 0); }
};

class Subject {
    std::vector<std::shared_ptr<Observer>> observers;
public:
    void attach(std::shared_ptr<Observer> o) { observers.push_back(o); }
    void fire(int v) { for (auto& o : observers) o->notify(v); }
};

int main() {
    Point<int> a{1, 2}, b{3, 4};
    std::cout << a + b << " " << a * 3 << " " << (a == Point<int>{1, 2}) << " " << b.norm() << "\n";
    auto logger = std::make_shared<Logger>("got ");
    Subject s;
    s.attach(logger);
    s.attach(std::make_shared<Logger>("also "));
    s.fire(5);
    s.fire(7);
    std::cout << logger->total() << "\n";
    std::vector<int> v{5, 3, 9, 1, 7};
    std::sort(v.rbegin(), v.rend());
    for (auto it = v.cbegin(); it != v.cend(); ++it) std::cout << *it << " ";
    std::cout << "\n";
    auto [lo, hi] = std::minmax_element(v.begin(), v.end());
    std::cout << *lo << " " << *hi << " " << std::any_of(v.begin(), v.end(), [](int x) { return x > 8; }) << "\n";
    std::vector<std::string> names{"moss", "fern", "ivy"};
    std::sort(names.begin(), names.end(), [](const auto& x, const auto& y) { return x.size() != y.size() ? x.size() < y.size() : x < y; });
    std::string joined = std::accumulate(names.begin(), names.end(), std::string{}, [](std::string acc, const std::string& n) { return acc.empty() ? n : acc + "-" + n; });
    std::cout << joined << "\n";
    std::vector<int> out;
    std::copy_if(v.begin(), v.end(), std::back_inserter(out), [](int x) { return x % 3 == 0; });
    std::cout << out.size() << " " << std::count(v.begin(), v.end(), 7) << " " << *std::find_if(v.begin(), v.end(), [](int x) { return x < 4; }) << "\n";
    std::rotate(v.begin(), v.begin() + 2, v.end());
    v.insert(v.begin() + 1, 100);
    v.erase(v.begin());
    for (size_t i = 0; i < v.size(); ++i) std::cout << v[i] << (i + 1 < v.size() ? "," : "\n");
    std::unique_ptr<int[]> arr(new int[3]{1, 2, 3});
    std::cout << arr[0] + arr[2] << "\n";
    int* p = new int(42);
    *p += 1;
    std::cout << *p << "\n";
    delete p;
}
