#include <iostream>
using namespace std;

class Fraction {
    int num, den;
    static int gcd(int a, int b) { return b == 0 ? (a < 0 ? -a : a) : gcd(b, a % b); }
    void reduce() {
        if (den < 0) { num = -num; den = -den; }
        int g = gcd(num, den);
        if (g > 1) { num /= g; den /= g; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) { reduce(); }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-(const Fraction& o) const { return *this + Fraction(-o.num, o.den); }
    Fraction operator*(const Fraction& o) const { return Fraction(num * o.num, den * o.den); }
    Fraction operator/(const Fraction& o) const { return {num * o.den, den * o.num}; }
    Fraction operator-() const { return Fraction(-num, den); }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator!=(const Fraction& o) const { return !(*this == o); }
    bool operator<(const Fraction& o) const { return num * o.den < o.num * den; }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    Fraction& operator++() { num += den; return *this; }
    Fraction operator++(int) { Fraction old = *this; ++(*this); return old; }
    explicit operator double() const { return double(num) / den; }
    friend ostream& operator<<(ostream& os, const Fraction& f);
    friend istream& operator>>(istream& is, Fraction& f);
    friend Fraction operator*(int k, const Fraction& f) { return Fraction(k * f.num, f.den); }
};

ostream& operator<<(ostream& os, const Fraction& f) {
    os << f.num;
    if (f.den != 1) os << "/" << f.den;
    return os;
}

istream& operator>>(istream& is, Fraction& f) {
    char slash;
    is >> f.num >> slash >> f.den;
    f.reduce();
    return is;
}

int main() {
    Fraction a(1, 2), b(3, -4), c;
    cout << a << " " << b << " " << c << endl;
    cout << a + b << " " << a - b << " " << a * b << " " << a / b << " " << -a << endl;
    cout << (a == Fraction(2, 4)) << (a != b) << (b < a) << endl;
    c += a; c += Fraction(1, 3);
    cout << c << " " << c++ << " " << c << " " << ++c << endl;
    cout << 3 * a << " " << a + 1 << " " << static_cast<double>(b) << endl;
    Fraction in;
    cin >> in;
    cout << in << endl;
    Fraction all[] = {Fraction(1, 3), Fraction(1, 5), Fraction(2)};
    Fraction best = all[0], sum;
    for (const Fraction& f : all) { if (best < f) best = f; sum += f; }
    cout << best << " " << sum << endl;
}
