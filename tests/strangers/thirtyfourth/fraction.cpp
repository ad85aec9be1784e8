#include <iostream>
using namespace std;

class Fraction {
private:
    int num, den;
    static int gcd(int a, int b) { return b ? gcd(b, a % b) : a; }
    void reduce() {
        int g = gcd(num < 0 ? -num : num, den);
        num /= g; den /= g;
        if (den < 0) { num = -num; den = -den; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw "zero denominator";
        reduce();
    }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-(const Fraction& o) const { return Fraction(num * o.den - o.num * den, den * o.den); }
    Fraction operator*(const Fraction& o) const { return {num * o.num, den * o.den}; }
    Fraction operator/(const Fraction& o) const { return Fraction(num * o.den, den * o.num); }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    Fraction operator-() const { return Fraction(-num, den); }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator<(const Fraction& o) const { return num * o.den < o.num * den; }
    Fraction& operator++() { num += den; return *this; }
    double value() const { return static_cast<double>(num) / den; }
    friend ostream& operator<<(ostream& os, const Fraction& f);
    friend istream& operator>>(istream& is, Fraction& f) { char slash; is >> f.num >> slash >> f.den; f.reduce(); return is; }
};
ostream& operator<<(ostream& os, const Fraction& f) {
    os << f.num;
    if (f.den != 1) os << "/" << f.den;
    return os;
}
int main() {
    Fraction a(1, 2), b(3, 4), c;
    cout << a + b << " " << a - b << " " << a * b << " " << a / b << " " << -a << endl;
    c += a; c += b; ++c;
    cout << c << " = " << c.value() << " " << (a < b) << (a == Fraction(2, 4)) << endl;
    Fraction sum;
    for (int i = 1; i <= 10; i++) sum += Fraction(1, i * (i + 1));
    cout << sum << endl;
    cout << Fraction(6, -8) << " " << a + 1 << endl;
    Fraction in;
    if (cin >> in) cout << "read " << in << endl;
    try { Fraction bad(1, 0); } catch (const char* msg) { cout << "caught " << msg << endl; }
    Fraction arr[3] = {a, Fraction(5), b};
    Fraction m = arr[0];
    for (auto& f : arr) if (m < f) m = f;
    cout << "max " << m << endl;
    return 0;
}
