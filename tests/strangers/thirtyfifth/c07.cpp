#include <iostream>
#include <string>
using namespace std;

class Fraction {
    int num, den;
    static int gcd(int a, int b) { return b == 0 ? a : gcd(b, a % b); }
    void reduce() {
        int g = gcd(abs(num), abs(den));
        if (g) { num /= g; den /= g; }
        if (den < 0) { num = -num; den = -den; }
    }
public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (d == 0) throw invalid_argument("zero below");
        reduce();
    }
    Fraction operator+(const Fraction& o) const { return Fraction(num * o.den + o.num * den, den * o.den); }
    Fraction operator-() const { return Fraction(-num, den); }
    Fraction operator-(const Fraction& o) const { return *this + (-o); }
    Fraction& operator+=(const Fraction& o) { return *this = *this + o; }
    Fraction operator*(const Fraction& o) const { return {num * o.num, den * o.den}; }
    bool operator==(const Fraction& o) const { return num == o.num && den == o.den; }
    bool operator<(const Fraction& o) const { return num * o.den < o.num * den; }
    Fraction& operator++() { num += den; return *this; }
    Fraction operator++(int) { Fraction old = *this; ++*this; return old; }
    explicit operator double() const { return double(num) / den; }
    friend ostream& operator<<(ostream& out, const Fraction& f);
    friend istream& operator>>(istream& in, Fraction& f);
};
ostream& operator<<(ostream& out, const Fraction& f) {
    out << f.num;
    if (f.den != 1) out << '/' << f.den;
    return out;
}
istream& operator>>(istream& in, Fraction& f) {
    char slash;
    in >> f.num >> slash >> f.den;
    f.reduce();
    return in;
}
int main() {
    Fraction a(1, 2), b(3, -4), c;
    cin >> c;
    cout << a << " " << b << " " << c << endl;
    cout << a + b << ", " << a - b << ", " << a * b << ", " << -a << endl;
    cout << (a == Fraction(2, 4)) << (b < a) << endl;
    c += 2;
    cout << c++ << ' ' << c << ' ' << ++c << endl;
    cout << static_cast<double>(a) << endl;
    try { Fraction bad(1, 0); cout << bad; }
    catch (const invalid_argument& e) { cout << "caught " << e.what() << endl; }
}
