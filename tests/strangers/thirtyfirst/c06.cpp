#include <iostream>
#include <cmath>
using namespace std;

class Shape {
protected:
    string color;
public:
    Shape() : color("green") {}
    Shape(string c) : color(c) {}
    virtual double area() { return 0; }
    virtual double perimeter() { return 0; }
    void setColor(string c) { color = c; }
    string getColor() { return color; }
};

class Rectangle : public Shape {
    double w, h;
public:
    Rectangle(double w, double h) : w(w), h(h) {}
    Rectangle(double w, double h, string c) : Shape(c), w(w), h(h) {}
    double area() { return w * h; }
    double perimeter() { return 2 * (w + h); }
};

class Circle : public Shape {
    double r;
public:
    Circle(double radius) : r(radius) {}
    double area() { return M_PI * r * r; }
    double perimeter() { return 2 * M_PI * r; }
};

void show(Shape& s) {
    cout << s.getColor() << " area=" << s.area() << " perimeter=" << s.perimeter() << endl;
}

int main() {
    Rectangle r(3, 4);
    Rectangle q(2, 5, "red");
    Circle c(1.5);
    c.setColor("blue");
    show(r);
    show(q);
    show(c);
    Shape* shapes[] = { &r, &q, &c };
    double total = 0;
    for (Shape* s : shapes) total += s->area();
    cout << "Total area: " << round(total * 100) / 100 << endl;
    return 0;
}
