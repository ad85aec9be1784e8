#include <algorithm>
#include <cmath>
#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Shape {
 public:
  explicit Shape(std::string name) : name_(std::move(name)) {}
  virtual ~Shape() = default;
  virtual double area() const = 0;
  const std::string& name() const { return name_; }

 private:
  std::string name_;
};

class Circle : public Shape {
 public:
  explicit Circle(double r) : Shape("circle"), r_(r) {}
  double area() const override { return M_PI * r_ * r_; }

 private:
  double r_;
};

class Rect : public Shape {
 public:
  Rect(double w, double h, std::string n = "rect") : Shape(n), w_(w), h_(h) {}
  double area() const override { return w_ * h_; }

 protected:
  double w_, h_;
};

class Square final : public Rect {
 public:
  explicit Square(double s) : Rect(s, s, "square") {}
};

struct Point {
  double x{}, y{};
  Point operator+(const Point& o) const { return {x + o.x, y + o.y}; }
  Point operator*(double k) const { return Point{x * k, y * k}; }
  bool operator==(const Point& o) const { return x == o.x && y == o.y; }
};
std::ostream& operator<<(std::ostream& os, const Point& p) { return os << "(" << p.x << ", " << p.y << ")"; }
double distance(const Point& a, const Point& b) { return std::sqrt(std::pow(a.x - b.x, 2) + std::pow(a.y - b.y, 2)); }

int main() {
  std::vector<std::shared_ptr<Shape>> shapes;
  shapes.push_back(std::make_shared<Circle>(1.5));
  shapes.emplace_back(std::make_shared<Rect>(2, 3));
  shapes.emplace_back(new Square(4));
  double total = 0;
  for (const auto& s : shapes) {
    std::cout << s->name() << " " << s->area() << "\n";
    total += s->area();
  }
  std::cout << total << "\n";
  Point a{1, 2}, b{4, 6};
  std::cout << a + b << " " << a * 2 << " " << distance(a, b) << " " << (a == Point{1, 2}) << "\n";
  Shape* first = shapes[0].get();
  if (Circle* c = dynamic_cast<Circle*>(first)) std::cout << "circle " << c->area() << "\n";
  std::cout << std::round(2.5) << std::floor(-1.2) << std::ceil(1.2) << std::abs(-3) << std::fmod(7, 3) << " " << std::hypot(3, 4) << " " << std::max({3, 9, 4}) << "\n";
}
