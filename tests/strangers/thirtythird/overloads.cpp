#include <iostream>
#include <string>
#include <cmath>
using namespace std;
class Vec {
private:
    double x, y;
public:
    Vec(double x = 0, double y = 0) : x(x), y(y) {}
    double getX() const { return x; }
    double getY() const { return y; }
    double length() const { return sqrt(x * x + y * y); }
    Vec operator+(const Vec& o) const;
    Vec operator-(const Vec& o) const;
    Vec operator-() const { return Vec(-x, -y); }
    Vec operator*(double k) const;
    double operator*(const Vec& o) const;
    Vec operator/(double k) const { return Vec(x / k, y / k); }
    bool operator==(const Vec& o) const { return x == o.x && y == o.y; }
    friend Vec operator*(double k, const Vec& v);
    friend ostream& operator<<(ostream& out, const Vec& v);
    void move(double dx, double dy) { x += dx; y += dy; }
    void move(const Vec& d) { x += d.x; y += d.y; }
    void set(int n) { x = y = n; }
    void set(const string& s) { x = s.size(); y = 0; }
};
Vec Vec::operator+(const Vec& o) const { return Vec(x + o.x, y + o.y); }
Vec Vec::operator-(const Vec& o) const { return Vec(x - o.x, y - o.y); }
Vec Vec::operator*(double k) const { return Vec(x * k, y * k); }
double Vec::operator*(const Vec& o) const { return x * o.x + y * o.y; }
Vec operator*(double k, const Vec& v) { return v * k; }
ostream& operator<<(ostream& out, const Vec& v) { out << "<" << v.x << "," << v.y << ">"; return out; }
class Unit : public Vec {
public:
    Unit(double a) : Vec(cos(a), sin(a)) {}
};
class Shape { public: virtual ~Shape() {} virtual string name() const { return "shape"; } };
class Round : public Shape { public: string name() const override { return "round"; } };
class Square : public Shape { public: string name() const override { return "square"; } };
class Visitor {
public:
    void visit(const Round& r) { cout << "visit " << r.name() << " as round\n"; }
    void visit(const Square& s) { cout << "visit " << s.name() << " as square\n"; }
    void visit(const Shape& s) { cout << "visit a " << s.name() << "\n"; }
    void run() { Round r; visit(r); this->visit(Square()); }
};
int main() {
    Vec a(3, 4), b(1, 2);
    cout << a + b << a - b << a * 2 << 2 * a << a * b << -a << a / 2 << endl;
    cout << (a + b) * 2 << (a - b) * b << (a * 2) * b << a * b * 2 << endl;
    Vec c = (a + b) * 0.5 - b * a.length();
    cout << c << (c == a) << endl;
    c.move(1, 1); c.move(a);
    cout << c << endl;
    c.set(3); cout << c; c.set("four"); cout << c << endl;
    Unit u(0);
    cout << u * 5 << u * a << endl;
    Vec arr[2] = {a, b};
    cout << arr[0] * arr[1] << arr[1] * 3 << endl;
    Vec* p = &a;
    cout << *p * 2 << (*p) * b << p->getX() * b.getY() << endl;
    Visitor v; v.run(); v.visit(Round());
}
