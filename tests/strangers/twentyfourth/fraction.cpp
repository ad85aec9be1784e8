#include <iostream>
using namespace std;

class Fraction {
    int num, den;
    static int gcd(int a, int b) { return b == 0 ? (a < 0 ? -a : a) : gcd(b, a % b); }
    void normalise() {
        if (den < 0) { num = -num; den = -den; }
        int g = gcd(num, den);
        num /= g;
        den /= g;
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw "zero denominator";
        normalise();
    }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-(const Fraction& o) const { return *this + (-o); }
    Fraction operator*(const Fraction& o) const { return Fraction(num * o.num, den * o.den); }
    Fraction operator/(const Fraction& o) const { return Fraction(num * o.den, den * o.num); }
    Fraction operator-() const { return Fraction(-num, den); }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    Fraction& operator++() { num += den; return *this; }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator!=(const Fraction& o) const { return !(*this == o); }
    bool operator<(const Fraction& o) const { return num * o.den < o.num * den; }
    operator double() const { return (double)num / den; }
    friend ostream& operator<<(ostream& out, const Fraction& f);
    friend istream& operator>>(istream& in, Fraction& f);
};

ostream& operator<<(ostream& out, const Fraction& f) {
    out << f.num;
    if (f.den != 1) out << "/" << f.den;
    return out;
}

istream& operator>>(istream& in, Fraction& f) {
    char slash;
    in >> f.num >> slash >> f.den;
    f.normalise();
    return in;
}

int main() {
    Fraction a(1, 2), b(3, -4), c;
    cout << a << " " << b << " " << c << endl;
    cout << a + b << " " << a - b << " " << a * b << " " << a / b << endl;
    c += a;
    ++c;
    cout << c << " " << (c == Fraction(3, 2)) << (a != b) << (b < a) << endl;
    Fraction sum;
    for (int i = 1; i <= 5; i++) sum += Fraction(1, i * (i + 1));
    cout << sum << " = " << double(sum) << endl;
    Fraction r;
    while (cin >> r) cout << "[" << r << "]";
    cout << endl;
    try {
        Fraction bad(1, 0);
        cout << bad;
    } catch (const char* message) {
        cout << "caught: " << message << endl;
    }
}
