#include <iostream>
struct Vec {
    double x, y;
    Vec operator+(const Vec& o) const { return {x + o.x, y + o.y}; }
    Vec operator*(double k) const { return Vec{x * k, y * k}; }
};
std::ostream& operator<<(std::ostream& os, const Vec& v) {
    return os << "(" << v.x << ", " << v.y << ")";
}
int square(int n) { return n * n; }
double square(double n) { return n * n; }
template <typename T>
T biggest(T a, T b) { return a > b ? a : b; }
int main() {
    Vec a{1, 2}, b{3, 4.5};
    std::cout << a + b << " " << a * 2 << "\n";
    std::cout << square(3) << " " << square(1.5) << " " << biggest(2, 7) << " " << biggest<double>(2.5, 1) << std::endl;
}
