#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <functional>
#include <numeric>
#include <algorithm>
using namespace std;

enum class Kind { Leaf, Root, Fruit };

struct Shape {
    virtual double area() const = 0;
    virtual string name() const { return "shape"; }
    virtual ~Shape() = default;
};
struct Circle : Shape {
    double r;
    explicit Circle(double r) : r{r} {}
    double area() const override { return 3.14159 * r * r; }
    string name() const override { return "circle"; }
};
struct Rect : Shape {
    double w, h;
    Rect(double w, double h) : w(w), h(h) {}
    double area() const override { return w * h; }
};

struct Vec {
    int x = 0, y = 0;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y}; }
    Vec& operator+=(const Vec& o) { x += o.x; y += o.y; return *this; }
    bool operator==(const Vec& o) const { return x == o.x && y == o.y; }
};

string kindName(Kind k) {
    switch (k) {
        case Kind::Leaf: return "leaf";
        case Kind::Root: return "root";
        default: return "fruit";
    }
}

int main() {
    vector<unique_ptr<Shape>> shapes;
    shapes.push_back(make_unique<Circle>(2));
    shapes.emplace_back(new Rect(3, 4));
    double total = 0;
    for (const auto& s : shapes) { cout << s->name() << ' ' << s->area() << '\n'; total += s->area(); }
    cout << total << endl;
    Vec a{1, 2}, b{3, 4};
    a += b;
    Vec c = a + b;
    cout << c.x << ',' << c.y << ' ' << (c == Vec{7, 10}) << endl;
    vector<int> v(10);
    iota(v.begin(), v.end(), 1);
    auto even = [](int n) { return n % 2 == 0; };
    cout << count_if(v.begin(), v.end(), even) << ' ' << accumulate(v.begin(), v.end(), 0) << endl;
    v.erase(remove_if(v.begin(), v.end(), even), v.end());
    for (size_t i = 0; i < v.size(); ++i) cout << v[i] << (i + 1 < v.size() ? ", " : "\n");
    function<int(int)> fact = [&](int n) { return n < 2 ? 1 : n * fact(n - 1); };
    cout << fact(10) << ' ' << kindName(Kind::Root) << endl;
    string s = "Hello World";
    transform(s.begin(), s.end(), s.begin(), ::toupper);
    reverse(s.begin(), s.end());
    cout << s << ' ' << s.find("OL") << ' ' << s.substr(2, 3) << ' ' << (s.find("xyz") == string::npos) << endl;
    auto [lo, hi] = minmax_element(v.begin(), v.end());
    cout << *lo << *hi << endl;
    int grid[3][4] = {};
    for (int i = 0; i < 3; i++) for (int j = 0; j < 4; j++) grid[i][j] = i * j;
    cout << grid[2][3] << endl;
    pair<string, int> p = make_pair("bean", 3);
    cout << p.first << p.second << endl;
}
