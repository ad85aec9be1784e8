#include <iostream>
#include <numeric>
#include <vector>
#include <algorithm>
using namespace std;

class Fraction {
    long long n, d;
    void reduce() {
        if (d < 0) { n = -n; d = -d; }
        long long g = std::gcd(n < 0 ? -n : n, d);
        if (g > 1) { n /= g; d /= g; }
    }
public:
    Fraction(long long n = 0, long long d = 1) : n(n), d(d) {
        if (d == 0) throw invalid_argument("zero denominator");
        reduce();
    }
    friend Fraction operator+(const Fraction& a, const Fraction& b) { return Fraction(a.n * b.d + b.n * a.d, a.d * b.d); }
    friend Fraction operator-(const Fraction& a, const Fraction& b) { return Fraction(a.n * b.d - b.n * a.d, a.d * b.d); }
    Fraction operator*(const Fraction& o) const { return {n * o.n, d * o.d}; }
    Fraction operator/(const Fraction& o) const { return {n * o.d, d * o.n}; }
    Fraction operator-() const { return Fraction(-n, d); }
    Fraction& operator+=(const Fraction& o) { return *this = *this + o; }
    Fraction& operator++() { n += d; return *this; }
    Fraction operator++(int) { Fraction old = *this; ++*this; return old; }
    bool operator==(const Fraction& o) const { return n == o.n && d == o.d; }
    bool operator!=(const Fraction& o) const { return !(*this == o); }
    bool operator<(const Fraction& o) const { return n * o.d < o.n * d; }
    explicit operator double() const { return static_cast<double>(n) / d; }
    friend ostream& operator<<(ostream& os, const Fraction& f) {
        os << f.n;
        if (f.d != 1) os << '/' << f.d;
        return os;
    }
    friend istream& operator>>(istream& is, Fraction& f) {
        char slash;
        is >> f.n >> slash >> f.d;
        f.reduce();
        return is;
    }
};

int main() {
    Fraction half(1, 2), third(1, 3);
    cout << half + third << " " << half - third << " " << half * third << " " << half / third << endl;
    Fraction sum;
    for (int i = 1; i <= 6; i++) sum += Fraction(1, i);
    cout << sum << " = " << double(sum) << endl;
    cout << sum++ << " then " << sum << " " << -sum << endl;
    vector<Fraction> v{{3, 4}, {1, 2}, {-5, 3}, 2};
    sort(v.begin(), v.end());
    for (const auto& f : v) cout << f << "; ";
    cout << (half == Fraction(2, 4)) << (half != third) << endl;
    Fraction typed;
    cin >> typed;
    cout << "typed " << typed << endl;
    try {
        Fraction bad(1, 0);
    } catch (invalid_argument& e) {
        cout << e.what() << endl;
    }
    cout << *max_element(v.begin(), v.end()) << " " << accumulate(v.begin(), v.end(), Fraction()) << endl;
}
