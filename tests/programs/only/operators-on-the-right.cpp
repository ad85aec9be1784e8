#include <iostream>
#include <string>
using namespace std;
struct Vec { double x, y; };
Vec operator+(Vec a, Vec b) { return Vec{a.x + b.x, a.y + b.y}; }
Vec operator*(double k, const Vec& v) { return {k * v.x, k * v.y}; }
Vec operator*(const Vec& v, double k) { return k * v; }
bool operator==(const Vec &a, const Vec &b) { return a.x==b.x && a.y==b.y; }
int main() {
    Vec v{1, 2}; Vec w = 2 * v + v * 3; cout << w.x << " " << w.y << (w == v) << endl; int n = 3; cout << (n * v).y << " " << 2.5 * 2 << endl;
}
