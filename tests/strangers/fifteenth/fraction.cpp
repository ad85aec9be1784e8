#include <iostream>
#include <sstream>
#include <string>
#include <stdexcept>

class Fraction {
    int num_, den_;

    static int gcd(int a, int b) { return b ? gcd(b, a % b) : (a < 0 ? -a : a); }
    void reduce() {
        if (den_ < 0) { num_ = -num_; den_ = -den_; }
        int g = gcd(num_, den_);
        if (g > 1) { num_ /= g; den_ /= g; }
    }

public:
    Fraction(int num = 0, int den = 1) : num_{num}, den_{den} {
        if (den == 0) throw std::domain_error{"denominator is zero"};
        reduce();
    }
    int num() const { return num_; }
    int den() const { return den_; }
    double value() const { return static_cast<double>(num_) / den_; }

    Fraction operator+(const Fraction& o) const { return Fraction(num_ * o.den_ + o.num_ * den_, den_ * o.den_); }
    Fraction operator-(const Fraction& o) const { return {num_ * o.den_ - o.num_ * den_, den_ * o.den_}; }
    Fraction operator*(const Fraction& o) const { return {num_ * o.num_, den_ * o.den_}; }
    bool operator==(const Fraction& o) const { return num_ == o.num_ && den_ == o.den_; }
    bool operator<(const Fraction& o) const { return num_ * o.den_ < o.num_ * den_; }
    Fraction& operator+=(const Fraction& o) {
        *this = *this + o;
        return *this;
    }
    friend std::ostream& operator<<(std::ostream& os, const Fraction& f) {
        os << f.num_;
        if (f.den_ != 1) os << '/' << f.den_;
        return os;
    }
};

std::string describe(const Fraction& f) {
    std::ostringstream out;
    out << f << " (about " << f.value() << ")";
    return out.str();
}

int main() {
    Fraction half(1, 2), third(1, 3), whole(4);
    std::cout << half + third << ' ' << half - third << ' ' << half * third << '\n';
    std::cout << describe(Fraction(-6, -8)) << ", " << describe({6, -9}) << '\n';
    std::cout << std::boolalpha << (half == Fraction(2, 4)) << ' ' << (third < half) << ' ' << (whole < half) << '\n';
    Fraction sum;
    for (int i = 1; i <= 6; ++i) sum += Fraction(1, i);
    std::cout << "sum: " << sum << std::endl;
    try {
        Fraction broken(1, 0);
        std::cout << broken;
    } catch (const std::domain_error& e) {
        std::cerr << "error: " << e.what() << '\n';
        std::cout << "caught: " << e.what() << '\n';
    }
}
