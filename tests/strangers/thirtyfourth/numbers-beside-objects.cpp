#include <iostream>
using namespace std;
class F {
public:
    int n, d;
    F(int a = 0, int b = 1) : n(a), d(b) {}
    F operator/(const F& o) const { return F(n * o.d, d * o.n); }
    F operator+(const F& o) const { return F(n * o.d + o.n * d, d * o.d); }
    F operator%(const F& o) const { return F(n % o.n, d); }
    F& operator+=(const F& o) { return *this = *this + o; }
    F& operator/=(const F& o) { *this = *this / o; return *this; }
    bool operator!=(const F& o) const { return n * o.d != o.n * d; }
    bool operator==(const F& o) const { return n * o.d == o.n * d; }
    bool operator<=(const F& o) const { return n * o.d <= o.n * d; }
    bool operator>=(const F& o) const { return n * o.d >= o.n * d; }
    void show() const { cout << n << "/" << d << endl; }
};
F half(F x) { return x / 2; }
F twice(const F& x) { return x + x; }
int main() {
    F a(1, 2), b(3, 4);
    a += 2; a.show();
    a /= 3; a.show();
    cout << (a != 1) << (a == 1) << (a <= 1) << (b >= 2) << endl;
    half(5).show(); twice(3).show(); half(a).show();
    F c = 7; c.show();
    c = 4; c.show();
    (c % 3).show();
    F arr[2] = {1, 2}; arr[1].show();
    F* p = &a; (*p / 2).show(); *p = *p + 1; a.show(); p->show();
    const F& r = b; (r / 2 + 1).show();
    if (a == b || a != b) cout << "ok" << endl;
}
