#include <iostream>
#include <memory>
#include <vector>
#include <string>

class Shape {
public:
    explicit Shape(std::string n) : name_(std::move(n)) {}
    virtual ~Shape() = default;
    virtual double area() const = 0;
    const std::string& name() const { return name_; }
private:
    std::string name_;
};

class Rect : public Shape {
    double w_, h_;
public:
    Rect(double w, double h) : Shape("rect"), w_(w), h_(h) {}
    double area() const override { return w_ * h_; }
};

class Circle final : public Shape {
    double r_;
public:
    explicit Circle(double r) : Shape{"circle"}, r_{r} {}
    double area() const override { return 3.14159 * r_ * r_; }
};

int main() {
    std::vector<std::unique_ptr<Shape>> shapes;
    shapes.push_back(std::make_unique<Rect>(2, 3.5));
    shapes.emplace_back(std::make_unique<Circle>(1.0));
    shapes.push_back(std::make_unique<Rect>(1, 1));
    double sum = 0;
    for (const auto& s : shapes) {
        std::cout << s->name() << ": " << s->area() << '\n';
        sum += s->area();
    }
    std::cout << "sum: " << sum << '\n';
    std::shared_ptr<Shape> shared = std::make_shared<Circle>(2);
    auto other = shared;
    std::cout << other->area() << " " << (shared == other) << " " << shared.use_count() << "\n";
}
