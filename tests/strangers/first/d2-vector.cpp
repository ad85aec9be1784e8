#include <cmath>
#include <iostream>
using namespace std;

struct Vec {
    double x = 0, y = 0;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y}; }
    Vec operator-(const Vec& o) const { return {x - o.x, y - o.y}; }
    Vec operator*(double k) const { return {x * k, y * k}; }
    bool operator==(const Vec& o) const { return x == o.x && y == o.y; }
    double length() const { return sqrt(x * x + y * y); }
};

ostream& operator<<(ostream& out, const Vec& v) {
    return out << "(" << v.x << ", " << v.y << ")";
}

int main() {
    Vec a{3, 4}, b{1};
    Vec c;
    cout << a + b << " " << a - b << " " << a * 2 << " " << c << endl;
    cout << a.length() << " " << (a == Vec{3, 4}) << endl;
    Vec path[] = {{0, 0}, {3, 4}, {3, 8}};
    double total = 0;
    for (int i = 1; i < 3; i++) total += (path[i] - path[i - 1]).length();
    cout << total << endl;
}
