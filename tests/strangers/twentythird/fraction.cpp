#include <iostream>
#include <stdexcept>
#include <string>

class Fraction {
private:
    int num, den;

    static int gcd(int a, int b) {
        return b == 0 ? (a < 0 ? -a : a) : gcd(b, a % b);
    }

    void reduce() {
        if (den < 0) { num = -num; den = -den; }
        int g = gcd(num, den);
        if (g > 1) { num /= g; den /= g; }
    }

public:
    Fraction(int n = 0, int d = 1) : num(n), den(d) {
        if (den == 0) throw std::invalid_argument("denominator is zero");
        reduce();
    }

    int numerator() const { return num; }
    int denominator() const { return den; }
    double value() const { return static_cast<double>(num) / den; }
    explicit operator bool() const { return num != 0; }

    Fraction operator-() const { return Fraction(-num, den); }
    Fraction& operator+=(const Fraction& o) {
        num = num * o.den + o.num * den;
        den *= o.den;
        reduce();
        return *this;
    }
    Fraction& operator*=(const Fraction& o) { num *= o.num; den *= o.den; reduce(); return *this; }
    Fraction& operator++() { return *this += 1; }
    Fraction operator++(int) { Fraction old = *this; ++*this; return old; }

    friend Fraction operator+(Fraction a, const Fraction& b) { return a += b; }
    friend Fraction operator-(const Fraction& a, const Fraction& b) { return a + -b; }
    friend Fraction operator*(Fraction a, const Fraction& b) { return a *= b; }
    friend Fraction operator/(const Fraction& a, const Fraction& b) { return Fraction(a.num * b.den, a.den * b.num); }
    friend bool operator==(const Fraction& a, const Fraction& b) { return a.num == b.num && a.den == b.den; }
    friend bool operator!=(const Fraction& a, const Fraction& b) { return !(a == b); }
    friend bool operator<(const Fraction& a, const Fraction& b) { return a.num * b.den < b.num * a.den; }
    friend std::ostream& operator<<(std::ostream& out, const Fraction& f) {
        out << f.num;
        if (f.den != 1) out << '/' << f.den;
        return out;
    }
    friend std::istream& operator>>(std::istream& in, Fraction& f) {
        int n, d;
        char slash;
        if (in >> n >> slash >> d) f = Fraction(n, d);
        return in;
    }
};

int main() {
    Fraction a(1, 2), b(3, -4), c = 5;
    std::cout << a << " + " << b << " = " << a + b << std::endl;
    std::cout << a - b << ' ' << a * b << ' ' << a / b << ' ' << -a << ' ' << c << std::endl;
    std::cout << std::boolalpha << (a == Fraction(2, 4)) << ' ' << (a < b) << ' ' << (a != b) << std::noboolalpha << std::endl;
    std::cout << a++ << ' ' << a << ' ' << ++a << ' ' << a.value() << std::endl;
    Fraction sum;
    for (int i = 1; i <= 10; ++i) sum += Fraction(1, i * (i + 1));
    std::cout << "sum " << sum << (sum ? " not zero" : " zero") << std::endl;
    Fraction in;
    while (std::cin >> in) std::cout << "read " << in << " = " << in.value() << std::endl;
    try {
        Fraction bad(1, 0);
        std::cout << bad;
    } catch (const std::invalid_argument& e) {
        std::cout << "Error: " << e.what() << std::endl;
    }
    try { std::cout << a / Fraction() << std::endl; }
    catch (const std::exception& e) { std::cout << "also: " << e.what() << std::endl; }
}
