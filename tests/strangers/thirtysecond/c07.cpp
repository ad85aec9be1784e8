#include <iostream>
using namespace std;

class Fraction {
private:
    int num, den;
    static int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
    void reduce() {
        int g = gcd(abs(num), abs(den));
        if (g) { num /= g; den /= g; }
        if (den < 0) { num = -num; den = -den; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw invalid_argument("denominator is 0");
        reduce();
    }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-(const Fraction& o) const { return {num * o.den - o.num * den, den * o.den}; }
    Fraction operator*(const Fraction& o) const { return Fraction(num * o.num, den * o.den); }
    Fraction operator/(const Fraction& o) const { return Fraction(num * o.den, den * o.num); }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    Fraction operator-() const { return Fraction(-num, den); }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator!=(const Fraction& o) const { return !(*this == o); }
    friend bool operator<(const Fraction& a, const Fraction& b);
    Fraction& operator++() { num += den; return *this; }
    double value() const { return static_cast<double>(num) / den; }
    friend ostream& operator<<(ostream& out, const Fraction& f) {
        out << f.num;
        if (f.den != 1) out << '/' << f.den;
        return out;
    }
    friend istream& operator>>(istream& in, Fraction& f) {
        char slash;
        in >> f.num >> slash >> f.den;
        f.reduce();
        return in;
    }
};
bool operator<(const Fraction& a, const Fraction& b) { return a.num * b.den < b.num * a.den; }

int main() {
    Fraction a(1, 2), b(3, -4), c = 5;
    cout << a + b << " " << a - b << " " << a * b << " " << a / b << " " << c << endl;
    cout << (a == Fraction(2, 4)) << (a != b) << (a < b) << " " << -a << " " << (a + 1) << endl;
    a += b;
    cout << a << " " << ++a << " " << a.value() << endl;
    Fraction sum;
    for (int i = 1; i <= 5; i++) sum += Fraction(1, i);
    cout << sum << endl;
    Fraction r;
    cin >> r;
    cout << r << endl;
    try { Fraction bad(1, 0); } catch (invalid_argument& e) { cout << e.what() << endl; }
}
