#include <iostream>
#include <string>
using namespace std;

struct Vec {
    double x, y;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y}; }
    Vec operator*(double k) const { return Vec{x * k, y * k}; }
    bool operator==(const Vec& o) const { return x == o.x && y == o.y; }
};

ostream& operator<<(ostream& os, const Vec& v) {
    return os << "(" << v.x << ", " << v.y << ")";
}

class Bed {
    string plant;
    int litres;

public:
    Bed(string p, int l) : plant(p), litres(l) {}
    friend ostream& operator<<(ostream& out, const Bed& bed);
};

ostream& operator<<(ostream& out, const Bed& bed) {
    out << bed.plant << " needs " << bed.litres;
    out << " l";
    return out;
}

int main() {
    Vec a{1, 2}, b{3, 4.5};
    cout << a + b << " " << a * 2 << "\n";
    cout << (a == b) << (a == Vec{1, 2}) << endl;
    Bed bed("rose", 3);
    cout << bed << endl;
}
