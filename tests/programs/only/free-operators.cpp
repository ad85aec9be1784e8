#include <iostream>
#include <vector>
#include <algorithm>
#include <string>
using namespace std;
class Frac {
    int n, d;
    static int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
public:
    Frac(int n = 0, int d = 1) : n(n), d(d) { int g = gcd(abs(n), d); this->n /= g; this->d /= g; }
    friend Frac operator+(const Frac& a, const Frac& b) { return Frac(a.n * b.d + b.n * a.d, a.d * b.d); }
    friend Frac operator*(const Frac& a, const Frac& b);
    friend bool operator==(const Frac& a, const Frac& b) { return a.n == b.n && a.d == b.d; }
    friend bool operator!=(const Frac& a, const Frac& b) { return !(a == b); }
    friend bool operator<(const Frac& a, const Frac& b) { return a.n * b.d < b.n * a.d; }
    friend ostream& operator<<(ostream& os, const Frac& f) { return os << f.n << "/" << f.d; }
    double value() const { return double(n) / d; }
};
Frac operator*(const Frac& a, const Frac& b) { return Frac(a.n * b.n, a.d * b.d); }
Frac operator-(const Frac& a) { return a * Frac(-1); }
int main() {
    Frac a(1, 2), b(1, 3);
    cout << a + b << " " << a * b << " " << (a == b) << (a != b) << (b < a) << endl;
    vector<Frac> v{a, b, Frac(3, 4), Frac(1, 6)};
    sort(v.begin(), v.end());
    for (const auto& f : v) cout << f << " ";
    cout << endl;
    Frac sum;
    for (auto& f : v) sum = sum + f;
    cout << sum << " " << sum.value() << " " << *max_element(v.begin(), v.end()) << endl;
    cout << -a << endl;
}
