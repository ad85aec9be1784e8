#include <iostream>
#include <memory>
#include <string>
#include <vector>
#include <cmath>
using namespace std;

class Shape {
public:
    virtual double area() const = 0;
    virtual string name() const { return "shape"; }
    virtual ~Shape() = default;
    friend ostream& operator<<(ostream& out, const Shape& s) {
        out << s.name() << " " << s.area();
        return out;
    }
};

class Circle : public Shape {
    double r;
public:
    explicit Circle(double r) : r{r} {}
    double area() const override { return M_PI * r * r; }
    string name() const override { return "circle"; }
};

class Rect : public Shape {
protected:
    double w, h;
public:
    Rect(double w, double h) : w(w), h(h) {}
    double area() const override { return w * h; }
    string name() const override { return "rect"; }
    bool operator==(const Rect& o) const { return w == o.w && h == o.h; }
    bool operator<(const Rect& o) const { return area() < o.area(); }
    Rect operator+(const Rect& o) const { return Rect(w + o.w, h + o.h); }
    Rect operator*(double k) const { return {w * k, h * k}; }
    Rect& operator+=(double d) { w += d; h += d; return *this; }
};

class Square final : public Rect {
public:
    Square(double s) : Rect(s, s) {}
    string name() const override { return "square"; }
};

class Point {
public:
    int x, y;
    Point(int x = 0, int y = 0) : x(x), y(y) {}
    Point operator-(const Point& p) const { return Point(x - p.x, y - p.y); }
    Point operator-() const { return Point(-x, -y); }
    double length() const { return sqrt(x * x + y * y); }
    int& operator[](int i) { return i == 0 ? x : y; }
    Point& move(int dx, int dy) { x += dx; y += dy; return *this; }
};

ostream& operator<<(ostream& os, const Point& p) {
    return os << "(" << p.x << ", " << p.y << ")";
}

enum class Season { Spring, Summer, Autumn };
enum Level { LOW = 1, MID, HIGH = 10 };

string toText(Season s) {
    switch (s) {
        case Season::Spring: return "spring";
        case Season::Summer: return "summer";
        default: return "autumn";
    }
}

int main() {
    vector<unique_ptr<Shape>> shapes;
    shapes.push_back(make_unique<Circle>(1));
    shapes.push_back(make_unique<Rect>(2, 3));
    shapes.push_back(make_unique<Square>(2));
    double total = 0;
    for (const auto& s : shapes) {
        cout << *s << endl;
        total += s->area();
    }
    cout << total << endl;
    Rect a(1, 2), b(2, 1);
    cout << (a == b) << (a < b) << " " << (a + b).area() << " " << (a * 3).area() << endl;
    a += 1;
    cout << a << endl;
    Point p(3, 4), q;
    cout << p << " " << p - q << " " << -p << " " << p.length() << " " << p[1] << endl;
    p.move(1, 1).move(2, 0);
    cout << p << endl;
    Point ps[3] = {Point(1, 1), {2, 2}, Point()};
    for (const Point& each : ps) cout << each;
    cout << endl;
    Season s = Season::Summer;
    Level l = MID;
    cout << toText(s) << " " << toText(Season::Autumn) << " " << l << HIGH << endl;
    shared_ptr<Point> sp = make_shared<Point>(7, 8);
    auto sp2 = sp;
    sp2->x = 1;
    cout << *sp << endl;
    struct { int n; string t; } pair1 = {1, "one"};
    cout << pair1.n << pair1.t << endl;
    pair<int, string> pr = make_pair(1, "x");
    auto [n, t] = pr;
    cout << n << t << pr.first << endl;
}
