#include <iostream>
#include <vector>
#include <memory>
#include <cmath>
#include <iomanip>
#include <map>
#include <algorithm>
using namespace std;

class Shape {
protected:
    string label;
    static int made;
public:
    explicit Shape(string l) : label(move(l)) { ++made; }
    virtual ~Shape() { --made; }
    virtual double area() const = 0;
    virtual double perimeter() const { return 0; }
    virtual void describe(ostream& out) const {
        out << setw(10) << left << label << right << fixed << setprecision(2) << setw(9) << area();
    }
    static int alive() { return made; }
    bool operator<(const Shape& other) const { return area() < other.area(); }
};
int Shape::made = 0;

class Circle : public Shape {
    double r;
public:
    Circle(double radius) : Shape("circle"), r(radius) {}
    double area() const override { return M_PI * r * r; }
    double perimeter() const override { return 2 * M_PI * r; }
};

class Rect : public Shape {
protected:
    double w, h;
public:
    Rect(double w, double h, string name = "rect") : Shape(name), w(w), h(h) {}
    double area() const override { return w * h; }
    double perimeter() const override { return 2 * (w + h); }
    void describe(ostream& out) const override {
        Shape::describe(out);
        out << "  (" << w << " x " << h << ")";
    }
};

class Square final : public Rect {
public:
    Square(double s) : Rect(s, s, "square") {}
};

ostream& operator<<(ostream& out, const Shape& s) { s.describe(out); return out; }

int main() {
    {
        vector<unique_ptr<Shape>> shapes;
        shapes.push_back(make_unique<Circle>(1.5));
        shapes.push_back(make_unique<Rect>(2, 3.5));
        shapes.emplace_back(new Square(4));
        sort(shapes.begin(), shapes.end(), [](const auto& a, const auto& b) { return *a < *b; });
        for (const auto& s : shapes) cout << *s << endl;
        double total = 0;
        for (auto& s : shapes) total += s->perimeter();
        cout << "perimeters " << total << ", alive " << Shape::alive() << endl;
        if (auto* sq = dynamic_cast<Square*>(shapes.back().get())) cout << "last is a square " << sq->area() << endl;
        else cout << "last is no square" << endl;
    }
    cout << "alive " << Shape::alive() << endl;
    map<string, shared_ptr<Shape>> named;
    named["a"] = make_shared<Square>(2);
    named["b"] = named["a"];
    cout << named["a"].use_count() << ' ' << (named["a"] == named["b"]) << endl;
    named.erase("a");
    cout << named.begin()->second->area() << ' ' << named.size() << endl;
}
