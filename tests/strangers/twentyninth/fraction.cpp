#include <iostream>
using namespace std;

int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }

class Fraction {
private:
    int num, den;
    void reduce() {
        if (den < 0) { num = -num; den = -den; }
        int g = gcd(num < 0 ? -num : num, den);
        if (g > 1) { num /= g; den /= g; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw "zero denominator";
        reduce();
    }
    Fraction operator+(const Fraction& f) const { return Fraction(num * f.den + f.num * den, den * f.den); }
    Fraction operator-(const Fraction& f) const { return *this + (-f); }
    Fraction operator*(const Fraction& f) const { return {num * f.num, den * f.den}; }
    Fraction operator/(const Fraction& f) const { return *this * Fraction(f.den, f.num); }
    Fraction operator-() const { return Fraction(-num, den); }
    Fraction& operator+=(const Fraction& f) { *this = *this + f; return *this; }
    Fraction& operator++() { num += den; return *this; }
    Fraction operator++(int) { Fraction old = *this; ++*this; return old; }
    bool operator==(const Fraction& f) const { return num == f.num && den == f.den; }
    bool operator!=(const Fraction& f) const { return !(*this == f); }
    bool operator<(const Fraction& f) const { return num * f.den < f.num * den; }
    double value() const { return static_cast<double>(num) / den; }
    friend ostream& operator<<(ostream& os, const Fraction& f) {
        os << f.num;
        if (f.den != 1) os << "/" << f.den;
        return os;
    }
    friend istream& operator>>(istream& is, Fraction& f) {
        char slash;
        int n, d;
        is >> n >> slash >> d;
        f = Fraction(n, d);
        return is;
    }
    friend Fraction operator*(int k, const Fraction& f) { return Fraction(k) * f; }
};

int main() {
    Fraction a(1, 2), b(3, -4), c;
    cout << a << " " << b << " " << c << endl;
    cout << a + b << " " << a - b << " " << a * b << " " << a / b << endl;
    c = a;
    c += Fraction(1, 3);
    cout << c << " " << c++ << " " << c << " " << ++c << endl;
    cout << boolalpha << (a == Fraction(2, 4)) << " " << (a < b) << " " << (a != b) << endl;
    cout << 3 * a << " " << a.value() + 1 << " " << a + 2 << endl;
    try { Fraction bad(1, 0); } catch (const char* msg) { cout << "Error: " << msg << endl; }
    Fraction f;
    cin >> f;
    cout << f << endl;
    Fraction arr[3] = {Fraction(1, 2), Fraction(1, 3), Fraction(1, 6)};
    Fraction sum;
    for (int i = 0; i < 3; i++) sum += arr[i];
    cout << sum << endl;
}
