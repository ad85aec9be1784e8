#include <iostream>
#include <vector>
#include <string>
#include <sstream>
#include <stdexcept>
#include <cmath>
#include <iomanip>

class Polynomial {
    std::vector<double> coef;
    void trim() { while (coef.size() > 1 && coef.back() == 0) coef.pop_back(); }
public:
    Polynomial() : coef(1, 0) {}
    Polynomial(std::initializer_list<double> c) : coef(c) { trim(); }
    explicit Polynomial(const std::vector<double>& c) : coef(c) { if (coef.empty()) coef.push_back(0); trim(); }
    size_t degree() const { return coef.size() - 1; }
    double operator[](size_t i) const { return i < coef.size() ? coef[i] : 0; }
    double operator()(double x) const {
        double r = 0;
        for (size_t i = coef.size(); i-- > 0;) r = r * x + coef[i];
        return r;
    }
    Polynomial operator+(const Polynomial& o) const {
        std::vector<double> r(std::max(coef.size(), o.coef.size()));
        for (size_t i = 0; i < r.size(); ++i) r[i] = (*this)[i] + o[i];
        return Polynomial(r);
    }
    Polynomial operator*(const Polynomial& o) const {
        std::vector<double> r(coef.size() + o.coef.size() - 1, 0.0);
        for (size_t i = 0; i < coef.size(); ++i)
            for (size_t j = 0; j < o.coef.size(); ++j) r[i + j] += coef[i] * o.coef[j];
        return Polynomial(r);
    }
    Polynomial derivative() const {
        std::vector<double> r;
        for (size_t i = 1; i < coef.size(); ++i) r.push_back(i * coef[i]);
        return Polynomial(r);
    }
    std::string str() const {
        std::ostringstream out;
        bool first = true;
        for (size_t i = coef.size(); i-- > 0;) {
            if (coef[i] == 0 && coef.size() > 1) continue;
            if (!first) out << (coef[i] < 0 ? " - " : " + ");
            else if (coef[i] < 0) out << "-";
            double a = std::fabs(coef[i]);
            if (a != 1 || i == 0) out << a;
            if (i > 0) out << "x";
            if (i > 1) out << "^" << i;
            first = false;
        }
        return out.str();
    }
};

double newton(const Polynomial& p, double x, int steps = 20) {
    const Polynomial d = p.derivative();
    while (steps-- > 0) {
        double slope = d(x);
        if (std::fabs(slope) < 1e-12) throw std::runtime_error("flat");
        double next = x - p(x) / slope;
        if (std::fabs(next - x) < 1e-9) return next;
        x = next;
    }
    return x;
}

int main() {
    Polynomial p{-2, 0, 1}, q{1, 1};
    std::cout << p.str() << " | " << q.str() << " | " << (p * q).str() << " | " << (p + q).str() << '\n';
    std::cout << p(3) << ' ' << p.degree() << ' ' << p.derivative().str() << '\n';
    std::cout << std::fixed << std::setprecision(6) << newton(p, 1) << '\n';
    try {
        newton(Polynomial{5}, 1);
    } catch (const std::runtime_error& e) {
        std::cout << "error: " << e.what() << '\n';
    }
}
