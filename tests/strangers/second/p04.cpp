#include <iostream>
#include <string>
#include <stdexcept>
#include <vector>
#include <memory>
using namespace std;
class Shape {
public:
    virtual double area() const = 0;
    virtual string name() const { return "shape"; }
    virtual ~Shape() {}
};
class Circle : public Shape {
    double r;
public:
    Circle(double r) : r(r) {
        if (r < 0) throw invalid_argument("negative radius");
    }
    double area() const override { return 3.14159 * r * r; }
    string name() const override { return "circle"; }
};
class Square : public Shape {
    double a;
public:
    explicit Square(double a) : a{a} {}
    double area() const override { return a * a; }
};
double totalArea(const vector<shared_ptr<Shape>>& shapes) {
    double t = 0;
    for (const auto& s : shapes) t += s->area();
    return t;
}
int main() {
    vector<shared_ptr<Shape>> shapes;
    shapes.push_back(make_shared<Circle>(2));
    shapes.push_back(make_shared<Square>(3));
    for (auto& s : shapes) cout << s->name() << " " << s->area() << "\n";
    cout << totalArea(shapes) << endl;
    try {
        Circle c(-1);
        cout << c.area();
    } catch (const invalid_argument& e) {
        cout << "error: " << e.what() << endl;
    }
    Shape* p = new Square(1.5);
    cout << p->area() << p->name() << endl;
    delete p;
}
