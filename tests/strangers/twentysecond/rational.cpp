#include <iostream>
#include <numeric>
#include <stdexcept>
#include <string>
#include <vector>

class Rational {
    long long num_, den_;
    void reduce() {
        if (den_ < 0) { num_ = -num_; den_ = -den_; }
        long long g = std::gcd(num_, den_);
        if (g > 1) { num_ /= g; den_ /= g; }
    }
public:
    Rational(long long n = 0, long long d = 1) : num_{n}, den_{d} {
        if (d == 0) throw std::invalid_argument("zero denominator");
        reduce();
    }
    explicit Rational(const std::string& text) : Rational() {
        auto slash = text.find('/');
        if (slash == std::string::npos) num_ = std::stoll(text);
        else *this = Rational(std::stoll(text.substr(0, slash)), std::stoll(text.substr(slash + 1)));
    }
    long long num() const { return num_; }
    long long den() const { return den_; }
    Rational& operator+=(const Rational& o) {
        num_ = num_ * o.den_ + o.num_ * den_;
        den_ *= o.den_;
        reduce();
        return *this;
    }
    Rational operator-() const { return {-num_, den_}; }
    Rational& operator++() { num_ += den_; return *this; }
    Rational operator++(int) { Rational old = *this; ++*this; return old; }
    explicit operator double() const { return static_cast<double>(num_) / den_; }
    explicit operator bool() const { return num_ != 0; }
    friend Rational operator*(const Rational& a, const Rational& b) { return Rational(a.num_ * b.num_, a.den_ * b.den_); }
    friend std::ostream& operator<<(std::ostream& os, const Rational& r) {
        os << r.num_;
        if (r.den_ != 1) os << '/' << r.den_;
        return os;
    }
};

inline Rational operator+(Rational a, const Rational& b) { return a += b; }
inline Rational operator-(const Rational& a, const Rational& b) { return a + -b; }
inline bool operator==(const Rational& a, const Rational& b) { return a.num() == b.num() && a.den() == b.den(); }
inline bool operator!=(const Rational& a, const Rational& b) { return !(a == b); }
inline bool operator<(const Rational& a, const Rational& b) { return a.num() * b.den() < b.num() * a.den(); }

int main() {
    Rational half(1, 2), third{1, 3};
    std::cout << half + third << ' ' << half - third << ' ' << half * third << ' ' << -half << '\n';
    Rational r("6/-8");
    std::cout << r << ' ' << static_cast<double>(r) << ' ' << (r < half) << ' ' << std::boolalpha << (r != half) << '\n';
    std::cout << r++ << ' ' << r << ' ' << ++r << '\n';
    Rational sum;
    for (int i = 1; i <= 10; ++i) sum += Rational(1, i);
    std::cout << "H10 = " << sum << " ~ " << double(sum) << '\n';
    std::vector<Rational> all{half, third, 2, Rational("5"), r};
    Rational best = all.front();
    for (const auto& x : all) if (best < x) best = x;
    std::cout << best << ' ' << std::accumulate(all.begin(), all.end(), Rational{}) << '\n';
    if (!Rational(0, 5)) std::cout << "zero is false\n";
    try {
        Rational bad(1, 0);
        std::cout << bad;
    } catch (const std::invalid_argument& e) {
        std::cerr << e.what() << '\n';
        std::cout << "caught " << e.what() << std::endl;
    }
}
