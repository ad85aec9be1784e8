#include <iostream>
#include <vector>
#include <string>
#include <memory>
#include <algorithm>
#include <iomanip>
#include <stdexcept>

class Shape {
public:
    explicit Shape(std::string n) : name_(std::move(n)) {}
    virtual ~Shape() = default;
    virtual double area() const = 0;
    virtual void print(std::ostream& os) const { os << name_ << " with area " << std::fixed << std::setprecision(2) << area(); }
    const std::string& name() const noexcept { return name_; }
private:
    std::string name_;
};

class Circle final : public Shape {
    double r_;
public:
    explicit Circle(double r) : Shape("circle"), r_{r} { if (r <= 0) throw std::invalid_argument("radius must be positive"); }
    double area() const override { return 3.14159265 * r_ * r_; }
};

class Rect : public Shape {
protected:
    double w_, h_;
public:
    Rect(double w, double h, const std::string& n = "rect") : Shape(n), w_(w), h_(h) {}
    double area() const override { return w_ * h_; }
};

class Square : public Rect {
public:
    explicit Square(double s) : Rect(s, s, "square") {}
    void print(std::ostream& os) const override { Rect::print(os); os << " (side " << w_ << ")"; }
};

std::ostream& operator<<(std::ostream& os, const Shape& s) { s.print(os); return os; }

using ShapePtr = std::unique_ptr<Shape>;

ShapePtr make(const std::string& kind, double a, double b = 0) {
    if (kind == "circle") return std::make_unique<Circle>(a);
    if (kind == "square") return std::make_unique<Square>(a);
    if (kind == "rect") return std::make_unique<Rect>(a, b);
    return nullptr;
}

int main() {
    std::vector<ShapePtr> shapes;
    shapes.push_back(make("rect", 2, 3.5));
    shapes.push_back(make("circle", 1));
    shapes.emplace_back(make("square", 2));
    try {
        shapes.push_back(make("circle", -1));
    } catch (const std::exception& e) {
        std::cout << "Error: " << e.what() << '\n';
    }
    if (auto s = make("hexagon", 1); !s) std::cout << "no hexagon\n";
    std::sort(shapes.begin(), shapes.end(), [](const ShapePtr& a, const ShapePtr& b) { return a->area() < b->area(); });
    for (const auto& s : shapes) std::cout << *s << '\n';
    double total = 0;
    for (const auto& s : shapes) total += s->area();
    std::cout << "Total: " << total << '\n';
    auto it = std::find_if(shapes.begin(), shapes.end(), [](const auto& s) { return s->name() == "square"; });
    if (it != shapes.end()) std::cout << "found " << (*it)->name() << " at " << std::distance(shapes.begin(), it) << '\n';
    std::cout << (dynamic_cast<Rect*>(shapes[1].get()) ? "rect-like" : "other") << std::endl;
}
