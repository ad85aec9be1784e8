#include <iostream>
using namespace std;
class F {
public:
    int n, d;
    F(int a, int b = 1) : n(a), d(b) {}
    F operator/(const F& o) const { return F(n * o.d, d * o.n); }
    F operator-() const { return F(-n, d); }
    void show() const { cout << n << "/" << d << endl; }
};
int main() {
    F a(1, 2), b(3, 4);
    auto q = a / b;
    q.show();
    auto r = -(a / b);
    r.show();
    auto t = a;
    t = t / 2;
    t.show();
    (-a / b).show();
    auto u = -a / -b;
    u.n += 3;
    u.show();
}
