#include <iostream>
#include <cmath>
#include <ostream>
using namespace std;

class Fraction {
    int num, den;
    static int gcd(int a, int b) { return b == 0 ? abs(a) : gcd(b, a % b); }
    void reduce() {
        int g = gcd(num, den);
        if (g != 0) { num /= g; den /= g; }
        if (den < 0) { num = -num; den = -den; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw invalid_argument("zero denominator");
        reduce();
    }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-(const Fraction& o) const { return {num * o.den - o.num * den, den * o.den}; }
    Fraction operator*(const Fraction& o) const { return Fraction(num * o.num, den * o.den); }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator<(const Fraction& o) const { return num * o.den < o.num * den; }
    Fraction& operator+=(const Fraction& o) { *this = *this + o; return *this; }
    double value() const { return double(num) / den; }
    friend ostream& operator<<(ostream& os, const Fraction& f) {
        os << f.num;
        if (f.den != 1) os << "/" << f.den;
        return os;
    }
};

int main() {
    Fraction a(1, 2), b(3, -4), c = 2;
    cout << a << " " << b << " " << c << endl;
    cout << a + b << ", " << a - b << ", " << a * b << ", " << a + Fraction(1, 2) << endl;
    a += b;
    cout << a << " = " << a.value() << endl;
    cout << (a < b) << (a == Fraction(-1, 4)) << endl;
    try {
        Fraction bad(1, 0);
    } catch (invalid_argument& e) {
        cout << e.what() << endl;
    }
    cout << sqrt(2.0) << " " << pow(2, 10) << " " << floor(-2.5) << " " << round(2.5) << " " << 7 / 2 << " " << 7 % 3 << " " << -7 / 2 << endl;
}
