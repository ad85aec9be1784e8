#include <iostream>
#include <string>
#include <vector>
#include <memory>

class Shape {
public:
    virtual double area() const = 0;
    virtual std::string name() const { return "shape"; }
    virtual ~Shape() {}
};
class Square : public Shape {
    double a;
public:
    explicit Square(double a) : a(a) {}
    double area() const override { return a * a; }
    std::string name() const override { return "square"; }
};
class Circle : public Shape {
    double r;
public:
    Circle(double r) : r(r) {}
    double area() const override { return 3.0 * r * r; }
};
int main() {
    std::vector<std::unique_ptr<Shape>> v;
    v.push_back(std::make_unique<Square>(2));
    v.push_back(std::make_unique<Circle>(1));
    for (const auto& s : v) std::cout << s->name() << " " << s->area() << "\n";
}
