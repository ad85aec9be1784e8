#include <iostream>
#include <vector>
#include <string>
#include <memory>
using namespace std;

class Shape {
public:
    virtual double area() const = 0;
    virtual string name() const { return "shape"; }
    virtual ~Shape() {}
    void describe() const { cout << name() << " has area " << area() << endl; }
};
class Rectangle : public Shape {
protected:
    double w, h;
public:
    Rectangle(double w, double h) : w(w), h(h) {}
    double area() const override { return w * h; }
    string name() const override { return "rectangle"; }
};
class Square : public Rectangle {
public:
    Square(double s) : Rectangle(s, s) {}
    string name() const override { return "square"; }
};
class Circle : public Shape {
    double r;
    static constexpr double PI = 3.14159;
public:
    explicit Circle(double r) : r{r} {}
    double area() const override { return PI * r * r; }
    string name() const override { return "circle"; }
};
double totalArea(const vector<shared_ptr<Shape>>& shapes) {
    double t = 0;
    for (auto s : shapes) t += s->area();
    return t;
}
int main() {
    vector<shared_ptr<Shape>> shapes = {make_shared<Rectangle>(2, 3), make_shared<Square>(2), make_shared<Circle>(1)};
    for (const auto& s : shapes) s->describe();
    cout << totalArea(shapes) << endl;
    Shape* p = new Square(5);
    p->describe();
    delete p;
    Square sq(1.5);
    Shape& ref = sq;
    ref.describe();
    unique_ptr<Shape> u = make_unique<Circle>(2);
    u->describe();
    cout << (u ? "set" : "empty") << " " << shapes.size() << endl;
    u.reset();
    cout << (u ? "set" : "empty") << endl;
}
